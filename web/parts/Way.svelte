<script lang="ts">
    /** The way to a room, as the school drew or photographed it: fetched when somebody opens it. */
    import { say } from '../lib/say';

    interface Props {
        label: string;
        picture: string;
    }
    let { label, picture }: Props = $props();
</script>

<details class="mt-1">
    <summary class="min-h-11 cursor-pointer py-2 font-semibold">{say('day.see_the_way', { place: label })}</summary>
    <a href={picture}
        ><img
            src={picture}
            alt={say('day.the_way', { place: label })}
            loading="lazy"
            class="max-h-[70vh] w-full max-w-xl object-contain"
        /></a
    >
</details>
