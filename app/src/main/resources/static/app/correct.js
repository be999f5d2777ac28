// Puts a rep right that was tapped wrong: another mark, or taken back.
import { OUTCOMES, fill } from './marks.js';

const UNDO_MS = 60_000;
const at = (id) => document.getElementById(id);

export class Correction {
  /** put(rep, n, outcome): outcome is null when it is taken back. */
  constructor(put) {
    this.put = put;
    at('correct-close').addEventListener('click', () => at('correct').close());
    document.querySelectorAll('[data-as]').forEach((b) => b.addEventListener('click', () => {
      at('correct').close();
      const outcome = b.dataset.as === 'BACK' ? null : b.dataset.as;
      if (outcome !== this.rep.outcome) this.put(this.rep, this.n, outcome);
    }));
  }

  /** Asks which of several, newest first. */
  choose(reps) {
    at('correct-list').replaceChildren(...reps.map((rep, i) => {
      const line = document.createElement('button');
      line.type = 'button';
      line.className = 'rep-line';
      fill(line, i + 1, rep.outcome);
      line.addEventListener('click', () => this.one(rep, i + 1));
      return line;
    }).reverse());
    this.show('Which rep?', false);
  }

  /** Asks what it was. */
  one(rep, n) {
    Object.assign(this, { rep, n });
    const stays = rep.outcome === 'TOO_MUCH' && Date.now() - Date.parse(rep.at) > UNDO_MS;
    at('correct-was').textContent = `It says ${OUTCOMES[rep.outcome]}. What was it?`;
    at('correct-was').hidden = stays;
    at('correct-stays').hidden = !stays;
    at('correct-as').hidden = stays;
    document.querySelectorAll('[data-as]').forEach((b) => b.setAttribute('aria-pressed', b.dataset.as === rep.outcome));
    this.show(`Rep ${n}`, true);
  }

  show(title, one) {
    at('correct-title').textContent = title;
    at('correct-list').hidden = one;
    at('correct-one').hidden = !one;
    if (!at('correct').open) at('correct').showModal();
  }
}
