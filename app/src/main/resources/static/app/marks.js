// The four outcomes: their words and their marks.
export const OUTCOMES = { CLEAN: 'clean', HELPED: 'helped', MISSED: 'missed', TOO_MUCH: 'too much' };

const SVG = 'http://www.w3.org/2000/svg';

export function mark(outcome, size) {
  const svg = document.createElementNS(SVG, 'svg');
  const use = document.createElementNS(SVG, 'use');
  svg.setAttribute('class', `pen ${OUTCOMES[outcome].replace(' ', '')}`);
  svg.setAttribute('viewBox', '0 0 24 24');
  svg.setAttribute('aria-hidden', 'true');
  if (size) {
    svg.setAttribute('width', size);
    svg.setAttribute('height', size);
  }
  use.setAttribute('href', `#g-${OUTCOMES[outcome].replace(' ', '-')}`);
  svg.append(use);
  return svg;
}

/** "5 clean, 1 missed"; empty without reps. */
export function counted(reps) {
  return Object.entries(OUTCOMES).map(([outcome, word]) => [reps.filter((r) => r.outcome === outcome).length, word])
    .filter(([n]) => n > 0).map(([n, word]) => `${n} ${word}`).join(', ');
}

/** One rep as a line to tap. */
export function fill(button, n, outcome) {
  const says = document.createElement('span');
  says.textContent = `Rep ${n}, ${OUTCOMES[outcome]}`;
  button.replaceChildren(mark(outcome, 24), says);
}
