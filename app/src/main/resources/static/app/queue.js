// What was tapped waits in the phone's own database until the server has said that it has it.
// Every rep carries an id made here, so sending twice changes nothing.
import { openDB } from '/vendor/idb/idb.js';

const BATCH = 200;
const RETRY_MS = [1000, 2000, 5000, 10000, 30000];

const db = openDB('cahier', 2, {
  upgrade(base) {
    if (!base.objectStoreNames.contains('waiting')) base.createObjectStore('waiting', { keyPath: 'n', autoIncrement: true });
    if (base.objectStoreNames.contains('sitting')) base.deleteObjectStore('sitting');
  },
});

/** The sitting that goes on, written in the same moment as the tap: a page that closes right after it has kept it. */
export const sitting = {
  load(step) { return JSON.parse(localStorage.getItem(`cahier.sitting.${step}`) ?? 'null'); },
  save(state) {
    try {
      localStorage.setItem(`cahier.sitting.${state.step}`, JSON.stringify(state));
    } catch {
      // full or forbidden: the queue still gets every tap, only a reload begins a new sitting
    }
  },
  clear(step) { localStorage.removeItem(`cahier.sitting.${step}`); },
};

/** Sends what waits for one household's link, in the order in which it was tapped. */
export class Queue {
  constructor(token, tell) {
    this.token = token;
    this.tell = tell;
    this.failures = 0;
    this.running = null;
    addEventListener('online', () => this.send());
    document.addEventListener('visibilitychange', () => { if (!document.hidden) this.send(); });
  }

  async add(kind, body) {
    await (await db).add('waiting', { token: this.token, kind, body });
    this.send();
  }

  async mine() {
    return (await (await db).getAll('waiting')).filter((w) => w.token === this.token);
  }

  /** One sender at a time in this tab; another tab may send the same, which changes nothing. */
  send() {
    this.again = true;
    this.running ??= this.run().finally(() => { this.running = null; });
    return this.running;
  }

  async run() {
    clearTimeout(this.timer);
    while (this.again) {
      this.again = false;
      for (let waiting = await this.mine(); waiting.length > 0; waiting = await this.mine()) {
        const part = this.nextPart(waiting);
        const problem = await this.post(part);
        if (problem) {
          this.tell(waiting.length, problem);
          this.timer = setTimeout(() => this.send(), RETRY_MS[Math.min(this.failures++, RETRY_MS.length - 1)]);
          return;
        }
        this.failures = 0;
        const store = (await db).transaction('waiting', 'readwrite');
        await Promise.all([...part.map((w) => store.store.delete(w.n)), store.done]);
      }
    }
    this.tell(0, null);
  }

  /** Reps that wait next to each other go together. */
  nextPart(waiting) {
    const alarm = waiting.find((w) => w.kind === 'alarm');
    if (alarm) return [alarm];   // nothing else is as urgent
    if (waiting[0].kind !== 'rep') return [waiting[0]];
    const end = waiting.findIndex((w) => w.kind !== 'rep');
    return waiting.slice(0, Math.min(BATCH, end < 0 ? waiting.length : end));
  }

  /** Null when the server has it, otherwise why not. */
  async post(part) {
    const first = part[0];
    const id = first.body.id;
    const path = { rep: 'reps', undo: `reps/${id}/undo`, correct: `reps/${id}/correct`, detail: `reps/${id}/detail`, finish: `sessions/${id}/finish`, alarm: 'alarms', question: 'questions', incident: 'incidents', exposure: 'exposures', unmet: `exposures/${id}/undo`, calm: `exposures/${id}/calm`, sign: `exposures/${id}/sign`,
      watch: 'watch-taps', unwatch: `watch-taps/${id}/undo`, outing: 'outings', unout: `outings/${id}/undo`,
      departure: 'departures', undeparted: `departures/${id}/undo`, touch: 'touches', untouched: `touches/${id}/undo` }[first.kind];
    const body = first.kind === 'rep' ? { sentAt: new Date().toISOString(), reps: part.map((w) => w.body) } : first.body;
    try {
      const answer = await fetch(`/o/${this.token}/${path}`, {
        method: 'POST', headers: { 'Content-Type': 'application/json', Accept: 'application/json' }, body: JSON.stringify(body),
      });
      if (answer.ok) return null;
      if (answer.status === 400 && ['undo', 'correct'].includes(first.kind)) return null;   // too late to take back: the rep stays
      if (answer.status === 404 && ['detail', 'correct', 'unmet', 'calm', 'sign', 'unwatch', 'unout', 'undeparted', 'untouched'].includes(first.kind)) return null; // of a rep that the server never took
      if (answer.status === 404) return 'This link has been replaced. Kept here.';
      return answer.status === 400 ? 'Not taken. Kept here.' : 'No answer. Kept here.';
    } catch {
      return 'Offline, saved here';
    }
  }
}

/** The badge in the cover, and on the page's sign on the home screen: how many wait, and why. */
export function badge(element) {
  return (count, problem) => {
    element.hidden = !problem;
    element.textContent = problem ? `${problem} (${count})` : '';
    if (count > 0) navigator.setAppBadge?.(count).catch(() => {});
    else navigator.clearAppBadge?.().catch(() => {});
  };
}
