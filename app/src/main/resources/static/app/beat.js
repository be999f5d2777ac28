// When to pay: a quiet, uneven beat that the server drew (docs/rules.md 13). The pieces come along the line and reach the standing stroke.
const SVG = 'http://www.w3.org/2000/svg';
const NOW_X = 28;
const FLASH_MS = 500;

export class Beat {
  /**
   * svg: the drawing; intervals: seconds from pay to pay; from: how many have been used before; paid: told each time with how many are used.
   */
  constructor(svg, intervals, from, paid) {
    this.svg = svg;
    this.intervals = intervals;
    this.used = from;
    this.paid = paid;
    const mean = intervals.reduce((a, b) => a + b, 0) / intervals.length;
    this.perSecond = (300 - NOW_X) / Math.max(8, 2.5 * mean);
    this.still = matchMedia('(prefers-reduced-motion: reduce)').matches;
    this.draw(0);
  }

  start() {
    this.begun = performance.now();
    this.next = this.interval(0);
    this.timer = setInterval(() => this.tick(), this.still ? 1000 : 50);
  }

  stop() {
    clearInterval(this.timer);
    this.draw(0);
  }

  interval(ahead) {
    return this.intervals[(this.used + ahead) % this.intervals.length];
  }

  tick() {
    let gone = (performance.now() - this.begun) / 1000;
    if (gone >= this.next) {
      this.begun += this.next * 1000;
      gone -= this.next;
      this.used += 1;
      this.next = this.interval(0);
      this.svg.classList.add('hit');
      setTimeout(() => this.svg.classList.remove('hit'), FLASH_MS);
      this.paid(this.used);
    }
    this.draw(gone);
  }

  draw(gone) {
    const pieces = [];
    for (let at = -gone, i = 0; i < 40; i++) {
      at += this.interval(i);
      const x = NOW_X + at * this.perSecond;
      if (x > 300) break;
      const piece = document.createElementNS(SVG, 'circle');
      piece.setAttribute('cx', x.toFixed(1));
      piece.setAttribute('cy', '23');
      piece.setAttribute('r', '4.5');
      pieces.push(piece);
    }
    this.svg.querySelector('g').replaceChildren(...pieces);
  }
}
