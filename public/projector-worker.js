// Answers for the projector's page where the network doesn't: with what that page has laid by (resources/js/projector/kept.ts), and with nothing else.
self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const isOfProjector = async ({ request, clientId }) => {
    const page = request.mode === 'navigate' ? request.url : (await self.clients.get(clientId))?.url;
    return page !== undefined && new URL(page).pathname.endsWith('/projector');
};

self.addEventListener('fetch', (event) => {
    const { request } = event;
    if (request.method !== 'GET' || new URL(request.url).origin !== self.location.origin) return;
    event.respondWith(
        fetch(request).catch(async (failure) => {
            const kept = (await isOfProjector(event))
                ? await (await caches.open('projector')).match(request.url, { ignoreVary: true })
                : undefined;
            if (kept === undefined) throw failure;
            return kept;
        }),
    );
});
