<header class="mb-6 flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line pb-2">
<a href="/" class="inline-flex min-h-11 items-center gap-2 no-underline"><img src="/icon.svg" alt="" width="28" height="28">
<span class="font-display text-lg font-bold text-ink">{{ $school }}</span></a>
</header>
