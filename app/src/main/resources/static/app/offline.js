// Keeps the owner's pages for places without signal.
const PAGES = ['', '/words', '/progress', '/ask', '/happened', '/met', '/watch', '/count', '/out', '/way', '/alone', '/touch', '/earlier', '/alarm'];

export async function keepPages(token, urls) {
  if (!('serviceWorker' in navigator)) return;
  await navigator.serviceWorker.register('/sw.js', { scope: `/o/${token}` });
  const worker = await navigator.serviceWorker.ready;
  const loaded = performance.getEntriesByType('resource').map((r) => r.name).filter((name) => name.startsWith(location.origin) && !name.includes('/o/'));
  const pages = PAGES.map((page) => `/o/${token}${page}`);
  worker.active.postMessage({ keep: [...new Set([location.pathname, ...pages, ...urls, ...loaded])] });
  document.body.dataset.kept = 'yes';
}
