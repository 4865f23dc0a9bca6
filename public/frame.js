// On a course page: gives each frame of Recess the height of what is in it, so that nothing scrolls twice.
addEventListener('message', (event) => {
    if (!event.data || event.data.recess !== 'height') return;
    for (const frame of document.querySelectorAll('iframe')) {
        if (frame.contentWindow === event.source) frame.style.height = `${Math.min(4000, Math.max(200, event.data.height))}px`;
    }
});
