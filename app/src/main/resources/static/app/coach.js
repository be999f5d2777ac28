// Walks the coach's table, which the server made of its rule (docs/rules.md 5).
const OUTCOMES = ['CLEAN', 'HELPED', 'MISSED', 'TOO_MUCH'];

export class Coach {
  /** The page's data: letters of advice, 0 and 1 for easier reps, next rows in one line each, and the dose that is too short to end on a win. */
  constructor({ advice, easy, next, dose, minutes, short }) {
    this.letters = advice;
    this.easy = easy;
    this.next = next.split(',').map(Number);
    this.dose = Number(dose);
    this.short = Number(short);
    this.limitMs = Number(minutes) * 60_000;
  }

  /** What it says after these reps: S stop, E end, A ease, B breathe, G go; and whether the next rep is an easier one. */
  after(reps, now) {
    const row = reps.reduce((at, rep) => this.next[at * 4 + OUTCOMES.indexOf(rep.outcome)], 0);
    const usedUp = reps.length >= this.dose || this.leftMs(reps, now) <= 0;
    const letter = this.letters[row];
    const says = usedUp && letter !== 'S' && reps.length > 0 ? 'E' : letter;
    return { says, easy: this.easy[row] === '1' };
  }

  /** Which role the next rep has: the core's rule where there is no signal, held to the same worked cases. */
  role(says, easy, probesLeft, beginsEasier) {
    if (says === 'E' && this.dose > this.short) return 'WIN';
    if (beginsEasier) return 'REFRESH';
    if (easy) return 'EASE';
    return probesLeft > 0 ? 'PROBE' : 'WORK';
  }

  /** Whether the session ends with this rep: the core's rule where there is no signal, held to the same worked cases. */
  ends(role, outcome, untilClean) {
    return (role === 'WIN' && outcome !== 'TOO_MUCH') || (untilClean && role === 'WORK' && outcome === 'CLEAN');
  }

  /** What is left of the longest session, in milliseconds. */
  leftMs(reps, now) {
    return this.limitMs - (reps.length > 0 ? now - Date.parse(reps[0].at) : 0);
  }
}
