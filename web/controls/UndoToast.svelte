<script lang="ts">
    /** What was just done, with the way back for some seconds; it stays as long as the focus is in it. */
    import { say } from '../lib/say';
    import { Button, Toast } from '../lib/controls';

    interface Props {
        said: string;
        act: () => void;
        done: () => void;
        /** For which it is offered. */
        seconds?: number;
    }
    let { said, act, done, seconds = 20 }: Props = $props();

    let box = $state<HTMLElement>();
    $effect(() => {
        void said;
        const timer = setInterval(() => {
            if (!box?.contains(document.activeElement)) done();
        }, seconds * 1000);
        return () => clearInterval(timer);
    });
</script>

<div class="fixed end-4 bottom-4 z-50 max-w-[calc(100%-2rem)]" bind:this={box} role="status">
    <Toast dismissable={false} transition={undefined} align={false}>
        <div class="flex flex-wrap items-center gap-3">
            {said}
            <Button size="sm" color="alternative" onclick={act}>{say('pages.undo')}</Button>
            <Button
                size="sm"
                color="light"
                class="border-0 bg-transparent"
                aria-label={say('pages.close_this')}
                onclick={done}>×</Button
            >
        </div>
    </Toast>
</div>
