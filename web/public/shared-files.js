// Part of the service worker: files that a phone shares with the installed application lie in a cache until its screen takes them up.
const SHELF = 'shared';

self.addEventListener('fetch', (event) => {
  const { method, url } = event.request;
  if (method === 'POST' && new URL(url).pathname === '/shared') event.respondWith(takeUp(event.request));
});

async function takeUp(request) {
  const form = await request.formData();
  const words = new URLSearchParams();
  for (const name of ['title', 'text', 'url']) {
    const value = form.get(name);
    if (typeof value === 'string' && value) words.set(name, value);
  }
  const shelf = await caches.open(SHELF);
  for (const file of form.getAll('files')) {
    const headers = { 'Content-Type': file.type, 'X-Name': encodeURIComponent(file.name) };
    await shelf.put(`/shared/${crypto.randomUUID()}`, new Response(file, { headers }));
  }
  return Response.redirect(`/shared?${words}`, 303);
}
