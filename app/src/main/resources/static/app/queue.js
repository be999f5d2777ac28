// What was tapped waits in the phone's own database until the server has said that it has it.
// Every rep carries an id made here, so sending twice changes nothing.
import { openDB } from '/vendor/idb/idb.js';
import { isForgotten, isGone, lose } from './gone.js';

const BATCH = 200;
const RETRY_MS = [1000, 2000, 5000, 10000, 30000];
// What is said of something that was sent before, and what takes it back: without it there is nothing to do.
const TAKES_BACK = ['undo', 'unmet', 'unwatch', 'unout', 'undeparted', 'untouched', 'uncount'];
const SAYS_MORE = ['correct', 'detail', 'slip', 'calm', 'sign', 'settled'];

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

/** Where the owner's pages send each kind. */
const OWNER = (id) => ({ rep: 'reps', undo: `reps/${id}/undo`, correct: `reps/${id}/correct`, detail: `reps/${id}/detail`, finish: `sessions/${id}/finish`, alarm: 'alarms', question: 'questions', incident: 'incidents', exposure: 'exposures', unmet: `exposures/${id}/undo`, calm: `exposures/${id}/calm`, sign: `exposures/${id}/sign`,
  count: 'counts', uncount: `counts/${id}/undo`, watch: 'watch-taps', unwatch: `watch-taps/${id}/undo`, outing: 'outings', unout: `outings/${id}/undo`,
  departure: 'departures', undeparted: `departures/${id}/undo`, settled: `departures/${id}/settled`, early: 'signs', felt: 'felt', touch: 'touches', untouched: `touches/${id}/undo` });

/** Sends what waits for one household's link, or for one lesson of a trainer's, in the order in which it was tapped. */
export class Queue {
  /** A trainer's page says where it sends, with what in its head, and whether reps go one by one. */
  constructor(token, tell, { base = `/o/${token}`, paths = OWNER, headers = {}, single = false } = {}) {
    this.token = token;
    this.tell = tell;
    this.base = base;
    this.paths = paths;
    this.headers = headers;
    this.single = single;
    this.failures = 0;
    this.most = BATCH;
    this.running = null;
    addEventListener('online', () => this.send());
    document.addEventListener('visibilitychange', () => { if (!document.hidden) this.send(); });
  }

  async add(kind, body) {
    await (await db).add('waiting', { token: this.token, kind, body });
    this.send();
  }

  async mine() {
    return (await (await db).getAll('waiting')).filter((w) => w.token === this.token && !w.refused);
  }

  /** What the server would not take: kept until somebody says what becomes of it, and in nobody's way. */
  async parked() {
    return (await (await db).getAll('waiting')).filter((w) => w.token === this.token && w.refused);
  }

  /** What was tapped on a link that is gone: a new one may send it, for a while. */
  async orphans() {
    const others = (await (await db).getAll('waiting')).filter((w) => w.token !== this.token && isGone(w.token));
    await this.remove(others.filter((w) => isForgotten(w.token)));
    return others.filter((w) => !isForgotten(w.token));
  }

  /** Sends it as this household's own. */
  async adopt(orphans) {
    for (const { refused, ...waiting } of orphans) await (await db).put('waiting', { ...waiting, token: this.token });
    await this.send();
  }

  /** In words, how far it has got: what it is called once the server has it, or why it has not. */
  async says(sent) {
    if ((await this.mine()).length > 0) return 'Kept here, it goes when there is signal.';
    return (await this.parked()).length > 0 ? 'Not taken. See Today.' : sent;
  }

  /** Sends what was parked once more, as it is or changed. */
  async resend(parked, body = parked.body) {
    const { refused, ...waiting } = parked;
    await (await db).put('waiting', { ...waiting, body });
    await this.send();
  }

  async remove(entries) {
    const store = (await db).transaction('waiting', 'readwrite');
    await Promise.all([...entries.map((w) => store.store.delete(w.n)), store.done]);
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
        const { problem, refused, gone } = await this.post(part);
        if (problem) {
          this.tell(waiting.length, problem);
          this.timer = setTimeout(() => this.send(), RETRY_MS[Math.min(this.failures++, RETRY_MS.length - 1)]);
          return;
        }
        this.failures = 0;
        if (refused && part.length > 1) {
          this.most = Math.ceil(part.length / 2);   // one of them: by halves it is found, and the others go
        } else if (refused) {
          await (await db).put('waiting', { ...part[0], refused });
          this.most = BATCH;
        } else {
          await this.remove(part);
        }
        if (gone) await this.remove((await this.parked()).filter((w) => w.body.id === part[0].body.id));
      }
    }
    const parked = await this.parked();
    this.tell(parked.length, parked.length > 0 ? 'Not taken' : null);
  }

  /** Reps that wait next to each other go together. */
  nextPart(waiting) {
    const alarm = waiting.find((w) => w.kind === 'alarm');
    if (alarm) return [alarm];   // nothing else is as urgent
    if (this.single || waiting[0].kind !== 'rep') return [waiting[0]];
    const end = waiting.findIndex((w) => w.kind !== 'rep');
    return waiting.slice(0, Math.min(this.most, end < 0 ? waiting.length : end));
  }

  /** Nothing of note when the server has it; a problem when it should be tried again; refused, with why, when it never will be taken as it is; gone where what is taken back was never there. */
  async post(part) {
    const first = part[0];
    const id = first.body.id;
    const message = first.kind === 'rep' && !this.single ? { sentAt: new Date().toISOString(), reps: part.map((w) => w.body) } : first.body;
    try {
      const answer = await fetch(`${this.base}/${this.paths(id)[first.kind]}`, {
        method: 'POST', redirect: 'manual', headers: { 'Content-Type': 'application/json', Accept: 'application/json', ...this.headers }, body: JSON.stringify(message),
      });
      if (answer.type === 'opaqueredirect' || [401, 403].includes(answer.status)) return { problem: 'Signed out. Kept here: reload and sign in.' };
      if (answer.ok) return {};
      // A refusal is {error}; the page for a link that leads nowhere says its status too.
      const body = answer.headers.get('Content-Type')?.includes('json') ? await answer.json() : {};
      const said = body.status ? null : body.error;
      if (answer.status === 400 && ['undo', 'correct'].includes(first.kind)) return {};   // too late to take back: the rep stays
      if (answer.status === 404 && answer.headers.get('Cahier-Link') === 'gone') await lose(this.token);
      if (answer.status === 404 && !said) return { problem: 'This link has been replaced. Kept here.' };
      if (answer.status === 404 && TAKES_BACK.includes(first.kind)) return { gone: true };
      if (answer.status === 404 && SAYS_MORE.includes(first.kind)) return {};   // of something that the server never took
      if (answer.status === 429) return { problem: 'Too much at once. Kept here, it goes later.' };
      if ([400, 404, 413].includes(answer.status)) return { refused: said ?? 'It is too long.' };
      return { problem: 'No answer. Kept here.' };
    } catch {
      return { problem: 'Offline, saved here' };
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
