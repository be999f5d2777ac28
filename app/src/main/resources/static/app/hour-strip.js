// The agenda as a strip: as wide as its minutes, dragged longer, shorter, elsewhere, by pointer and by keys; the clock moves along it.
import { moved, resized } from './hour-rule.js';

const DRAG_PX = 8;
const KEYS = { ArrowLeft: -1, ArrowRight: 1, ArrowDown: -1, ArrowUp: 1, PageDown: -5, PageUp: 5 };

export class Strip {
  /** @param changed told the hour once it is let go, @param chosen told which block was tapped */
  constructor(element, { own, changed, chosen }) {
    Object.assign(this, { element, own, changed, chosen });
    this.line = Object.assign(document.createElement('i'), { className: 'clockline' });
    this.now = 0;
  }

  /** Draws it, but not under a finger. */
  show(hour) {
    if (this.dragging) return;
    this.hour = hour;
    const focus = document.activeElement?.dataset?.part;
    this.element.replaceChildren(...hour.blocks.flatMap((block, i) => [this.block(block, i), this.grip(block, i)]), this.line);
    if (focus) this.element.querySelector(`[data-part="${focus}"]`)?.focus();
    this.clock(this.now);
    const current = this.element.querySelector('[aria-current]');
    if (current && this.shownAt !== hour.at) this.element.scrollLeft = current.offsetLeft - 16;
    this.shownAt = hour.at;
  }

  block(block, i) {
    const button = document.createElement('button');
    button.type = 'button';
    button.className = 'blk';
    button.dataset.part = `block-${i}`;
    button.style.flexGrow = Math.max(1, block.minutes);
    button.setAttribute('aria-label', `${block.title}, ${block.minutes} min. Alt and arrows move it`);
    if (i === this.hour.at) button.setAttribute('aria-current', 'step');
    if (i < this.hour.at) button.classList.add('past');
    button.append(Object.assign(document.createElement('b'), { textContent: block.minutes }), Object.assign(document.createElement('span'), { textContent: block.title }));
    button.addEventListener('keydown', (event) => {
      const by = event.altKey && { ArrowLeft: -1, ArrowRight: 1 }[event.key];
      const to = i + (by || 0);
      if (!by || to < 0 || to >= this.hour.blocks.length) return;
      event.preventDefault();
      button.dataset.part = `block-${to}`;
      this.let(moved(this.hour, i, to));
    });
    this.drag(button, (px, x) => (Math.abs(px) < DRAG_PX ? null : moved(this.hour, i, this.under(x, i))), () => this.chosen(i));
    return button;
  }

  grip(block, i) {
    const grip = document.createElement('span');
    if (block.own) return grip;
    grip.className = 'grip';
    grip.tabIndex = 0;
    grip.dataset.part = `grip-${i}`;
    grip.setAttribute('role', 'slider');
    grip.setAttribute('aria-label', `Minutes of ${block.title}`);
    grip.setAttribute('aria-valuenow', block.minutes);
    grip.setAttribute('aria-valuemin', 1);
    grip.setAttribute('aria-valuemax', block.minutes + this.hour.blocks.filter((b) => b.own).reduce((all, b) => all + b.minutes, 0));
    grip.addEventListener('keydown', (event) => {
      if (!KEYS[event.key]) return;
      event.preventDefault();
      this.let(resized(this.hour, i, block.minutes + KEYS[event.key], this.own));
    });
    this.drag(grip, (px) => resized(this.hour, i, block.minutes + Math.round(px / this.minutePx()), this.own), () => {});
    return grip;
  }

  /** Follows a pointer: what it would be is drawn, what it is when let go is said. */
  drag(part, at, tapped) {
    part.addEventListener('pointerdown', (event) => {
      if (event.button !== 0) return;
      part.setPointerCapture(event.pointerId);
      this.dragging = { x: event.clientX, next: null };
    });
    part.addEventListener('pointermove', (event) => {
      if (!this.dragging) return;
      this.dragging.next = at(event.clientX - this.dragging.x, event.clientX);
      part.classList.toggle('dragged', Boolean(this.dragging.next));
      if (this.dragging.next) this.sizes(this.dragging.next);
    });
    const up = (event) => {
      const drag = this.dragging;
      this.dragging = null;
      part.classList.remove('dragged');
      if (!drag) return;
      if (event.type === 'pointercancel') this.show(this.hour);
      else if (drag.next) this.let(drag.next);
      else tapped();
    };
    part.addEventListener('pointerup', up);
    part.addEventListener('pointercancel', up);
    if (part.tagName === 'BUTTON') part.addEventListener('click', (event) => { if (event.detail === 0) tapped(); });   // by key
  }

  let(hour) {
    this.hour = hour;
    this.changed(hour);
  }

  /** Widths while it is dragged, where the blocks are the same. */
  sizes({ blocks }) {
    const buttons = [...this.element.querySelectorAll('.blk')];
    if (blocks.length !== buttons.length || blocks.some((b, i) => b.title !== this.hour.blocks[i].title)) return;
    buttons.forEach((button, i) => {
      button.style.flexGrow = Math.max(1, blocks[i].minutes);
      button.querySelector('b').textContent = blocks[i].minutes;
    });
  }

  minutePx() {
    return Math.max(1, this.element.scrollWidth / this.hour.blocks.reduce((all, b) => all + b.minutes, 0));
  }

  under(x, i) {
    const at = [...this.element.querySelectorAll('.blk')].findIndex((b) => x < b.getBoundingClientRect().right);
    return at < 0 ? this.hour.blocks.length - 1 : at === i ? i : at;
  }

  /** Where the clock stands on it, by the blocks as they are drawn. */
  clock(minutes) {
    this.now = minutes;
    let rest = minutes;
    for (const [i, button] of [...this.element.querySelectorAll('.blk')].entries()) {
      const { minutes: long } = this.hour.blocks[i];
      if (rest <= long || i === this.hour.blocks.length - 1) {
        this.line.style.left = `${button.offsetLeft + button.offsetWidth * Math.min(1, long === 0 ? 1 : rest / long)}px`;
        return;
      }
      rest -= long;
    }
  }
}
