// Brings the page to the front when its notification is pressed; it keeps and fetches nothing.
self.addEventListener('notificationclick', (event) => {
    event.notification.close();
    event.waitUntil(
        self.clients.matchAll({ type: 'window', includeUncontrolled: true }).then((pages) => pages[0]?.focus()),
    );
});
