// A phone without a page: what the scripts reach for, and a server that takes or refuses what it is told to.
import { register } from 'node:module';

register('./hooks.mjs', import.meta.url);

const listeners = new Map();
const stored = new Map();

Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
globalThis.addEventListener = (kind, call) => listeners.set(kind, call);
globalThis.localStorage = {
  getItem: (key) => stored.get(key) ?? null,
  setItem: (key, value) => stored.set(key, String(value)),
  removeItem: (key) => stored.delete(key),
};
/** What the service worker keeps: pages by their address. */
export const pages = new Set();
globalThis.caches = {
  keys: async () => ['kept'],
  open: async () => ({ keys: async () => [...pages].map((url) => ({ url })), delete: async (page) => pages.delete(page.url) }),
};

/** An element that remembers what was written on it and can be clicked. */
export function element() {
  const calls = new Map();
  return {
    textContent: '', hidden: false, checked: false, classList: { toggle() {}, add() {}, remove() {} }, style: { setProperty() {} },
    addEventListener: (kind, call) => calls.set(kind, call), click: () => calls.get('click')?.(), setAttribute() {}, append() {}, replaceChildren() {},
    querySelector: () => element(), querySelectorAll: () => [],
  };
}

const elements = new Map();
export const at = (id) => elements.get(id);
export function page(...ids) {
  elements.clear();
  ids.forEach((id) => elements.set(id, element()));
}

globalThis.document = { hidden: false, addEventListener: (kind, call) => listeners.set(kind, call), getElementById: (id) => elements.get(id) ?? null, createElement: element };

/** The signal comes back, as the browser says it. */
export const online = () => listeners.get('online')();

export class Server {
  constructor() {
    this.stored = [];
    this.calls = [];
    this.refuses = new Set();
    this.is = 'up';
    globalThis.fetch = (path, request) => this.answer(path, JSON.parse(request.body));
  }

  async answer(path, body) {
    this.calls.push({ path, body });
    if (this.is === 'offline') throw new TypeError('no signal');
    if (this.is === 'down') return reply(503, null);
    if (this.is === 429) return reply(429, { error: 'Too much at once.' });
    if (this.is === 'replaced') return reply(404, { status: 404, error: 'Not Found' }, 'gone');
    const part = path.endsWith('/reps') ? body.reps : [body];
    const bad = part.findIndex((item) => this.refuses.has(item.id));
    if (bad >= 0) return reply(400, { error: `reps[${bad}].person must be someone of this household, was 7` });
    part.filter((item) => !this.stored.includes(item.id)).forEach((item) => this.stored.push(item.id));
    return reply(200, { stored: part.length });
  }
}

function reply(status, body, link = null) {
  return { ok: status < 300, status, headers: { get: (name) => (name === 'Cahier-Link' ? link : body ? 'application/json' : 'text/html') }, json: async () => body };
}
