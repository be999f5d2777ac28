// How long a rep lasts, and when to pay meanwhile. A tap on an outcome takes the time; it can be put right by a second at a time.
import { Beat } from './beat.js';
import { Signal } from './signal.js';

/** What the server takes; a clock that was forgotten must not hold up the queue. */
const LONGEST_S = 14_400;
const at = (id) => document.getElementById(id);

export class RepClock {
  /** measured: whether the seconds of a rep are kept; lasts: seconds the step asks for, 0 when it asks for none; intervals: when to pay, may be empty; where: the key under which the place in them is kept. */
  constructor(measured, lasts, intervals, where) {
    this.measured = measured;
    this.lasts = lasts;
    this.seconds = 0;
    this.signal = new Signal(at('sound'), at('buzz'));
    if (intervals.length > 0) {
      this.beat = new Beat(at('beat'), intervals, Number(localStorage.getItem(where) ?? 0), (used) => {
        localStorage.setItem(where, used);
        at('reached').textContent = 'Pay.';
        setTimeout(() => { if (at('reached').textContent === 'Pay.') at('reached').textContent = ''; }, 900);
        this.signal.give(1);
      });
    }
    at('start').addEventListener('click', () => { if (this.running) this.stop(); else this.start(); });
    at('less')?.addEventListener('click', () => this.put(Math.max(0, Math.ceil(this.seconds) - 1)));
    at('more')?.addEventListener('click', () => this.put(Math.floor(this.seconds) + 1));
  }

  start() {
    this.running = true;
    this.told = false;
    this.begun = performance.now();
    this.signal.wake();
    this.beat?.start();
    at('start').textContent = 'Stop';
    at('reached').textContent = '';
    this.timer = setInterval(() => this.show(), 200);
    navigator.wakeLock?.request('screen').then((lock) => { if (this.running) this.awake = lock; else lock.release(); }).catch(() => {});
    this.show();
  }

  stop() {
    this.seconds = this.now();
    this.running = false;
    clearInterval(this.timer);
    this.beat?.stop();
    this.awake?.release();
    this.awake = null;
    at('start').textContent = 'Start';
    this.show();
  }

  now() { return this.running ? (performance.now() - this.begun) / 1000 : this.seconds; }

  put(seconds) {
    if (this.running) this.stop();
    this.seconds = seconds;
    at('reached').textContent = `${seconds} s`;
    this.show();
  }

  show() {
    if (!at('held')) return;
    const s = Math.floor(this.now());
    at('held').textContent = s < 60 ? s : `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
    if (this.running && !this.told && this.lasts > 0 && this.now() >= this.lasts) {
      this.told = true;
      at('reached').textContent = 'Long enough.';
      this.signal.give(2);
    }
  }

  /** The seconds of the rep that was just tapped, none when nobody took the time; the next one begins anew. */
  take() {
    if (this.running) this.stop();
    const taken = this.measured && this.seconds > 0 ? Math.min(LONGEST_S, Math.round(this.seconds * 10) / 10) : null;
    this.seconds = 0;
    if (at('reached')) at('reached').textContent = '';
    this.show();
    return taken;
  }
}
