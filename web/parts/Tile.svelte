<script lang="ts">
    import { say } from '../lib/say';
    /** Somebody before a camera, as a drawing. */
    let { name }: { name: string } = $props();
    const initials = $derived(
        name
            .split(/\s+/)
            .map((word) => word[0] ?? '')
            .slice(0, 2)
            .join(''),
    );
</script>

<figure class="tile">
    <svg viewBox="0 0 160 100" role="img" aria-label={say('pages.camera', { name })}>
        <rect width="160" height="100" class="wall" />
        <circle cx="80" cy="42" r="19" class="head" />
        <path d="M40 100 C40 72 58 66 80 66 C102 66 120 72 120 100 Z" class="body" />
        <text x="80" y="47" text-anchor="middle">{initials}</text>
    </svg>
    <figcaption>{name}</figcaption>
</figure>

<style>
    .tile {
        margin: 0;
    }
    svg {
        display: block;
        width: 100%;
        border-radius: 6px;
        border: 1px solid var(--edge);
    }
    .wall {
        fill: var(--wash);
    }
    .head {
        fill: var(--card);
        stroke: var(--ink);
    }
    .body {
        fill: var(--board);
        stroke: var(--ink);
    }
    text {
        font-size: 14px;
        font-weight: 700;
        fill: var(--ink);
    }
</style>
