// A link that was stopped or replaced: what was kept of its pages goes at once, what was tapped and not sent waits a while for a new link.
const KEY = 'cahier.gone';
const WAITS_MS = 14 * 24 * 60 * 60 * 1000;

const links = () => JSON.parse(localStorage.getItem(KEY) ?? '{}');

/** Notes that a link leads nowhere any more, and throws away its pages and its unfinished sittings. */
export async function lose(token) {
  localStorage.setItem(KEY, JSON.stringify({ [token]: Date.now(), ...links() }));
  Object.keys(localStorage).filter((name) => name.startsWith('cahier.sitting.')).forEach((name) => localStorage.removeItem(name));
  for (const name of await globalThis.caches?.keys() ?? []) {
    const cache = await caches.open(name);
    const pages = (await cache.keys()).filter((page) => (`${new URL(page.url).pathname}/`).startsWith(`/o/${token}/`));
    await Promise.all(pages.map((page) => cache.delete(page)));
  }
}

export const isGone = (token) => token in links();

/** Whether nobody has come with a new link for so long that what waits is thrown away. */
export const isForgotten = (token) => isGone(token) && Date.now() - links()[token] > WAITS_MS;
