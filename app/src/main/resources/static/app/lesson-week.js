// The drawn week of lessons: one is dragged elsewhere or moved with the arrow keys, and planned where it is empty.
const week = document.getElementById('rounds');
const says = document.getElementById('rounds-says');
const form = document.getElementById('move');
const [left, top, column, hour, first, last] = ['left', 'top', 'column', 'hour', 'first', 'last'].map((n) => Number(week.dataset[n]));
const dates = week.dataset.dates.split('|');
const names = week.dataset.names.split('|');
const usual = says.textContent;
const SNAP = 15;
const MOVED_PX = 5;
const ARROWS = { ArrowUp: [0, -SNAP], ArrowDown: [0, SNAP], ArrowLeft: [-1, 0], ArrowRight: [1, 0] };
let held;
let moved = false; // a drag ends in a click, which then opens nothing

const two = (n) => String(n).padStart(2, '0');
const clock = (minute) => `${Math.floor(minute / 60)}:${two(minute % 60)}`;
const typed = ({ day, minute }) => `${dates[day]}T${two(Math.floor(minute / 60))}:${two(minute % 60)}`;
const within = (n, most) => Math.max(0, Math.min(most, n));
const stands = (lesson) => ({ day: Number(lesson.dataset.day), minute: Number(lesson.dataset.minute) });

/** Where a pointer is, in days and minutes. */
function place(event) {
  const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(week.getScreenCTM().inverse());
  return { day: within(Math.floor((p.x - left) / column), dates.length - 1), minute: first * 60 + ((p.y - top) * 60) / hour };
}

const snapped = ({ day, minute }) => ({ day, minute: first * 60 + within(Math.round((minute - first * 60) / SNAP) * SNAP, (last - first) * 60 - SNAP) });

function show(lesson, to) {
  const from = stands(lesson);
  lesson.setAttribute('transform', `translate(${(to.day - from.day) * column} ${((to.minute - from.minute) * hour) / 60})`);
  lesson.classList.add('is-held');
  says.textContent = `${names[to.day]}, ${clock(to.minute)}.`;
}

function back() {
  if (!held) return;
  held.lesson.removeAttribute('transform');
  held.lesson.classList.remove('is-held');
  held = undefined;
  says.textContent = usual;
}

function keep() {
  const { lesson, to } = held;
  const from = stands(lesson);
  if (to.day === from.day && to.minute === from.minute) {
    back();
    return;
  }
  form.action = `/lessons/${lesson.dataset.lesson}/move`;
  form.elements.version.value = lesson.dataset.version;
  form.elements.startsAt.value = typed(to);
  held = undefined;
  form.requestSubmit();
}

const movable = (target) => target.closest('[data-lesson]:not([data-over])');

week.addEventListener('pointerdown', (event) => {
  moved = false;
  const lesson = movable(event.target);
  if (!lesson || event.button !== 0) return;
  back();
  const at = place(event);
  held = { lesson, to: stands(lesson), x: event.clientX, y: event.clientY, above: at.minute - stands(lesson).minute, pointer: event.pointerId };
});

week.addEventListener('pointermove', (event) => {
  if (held?.pointer !== event.pointerId) return;
  if (!moved && Math.hypot(event.clientX - held.x, event.clientY - held.y) < MOVED_PX) return;
  if (!moved) week.setPointerCapture(event.pointerId);
  moved = true;
  const at = place(event);
  held.to = snapped({ day: at.day, minute: at.minute - held.above });
  show(held.lesson, held.to);
});

week.addEventListener('pointerup', (event) => {
  if (held?.pointer !== event.pointerId) return;
  if (moved) keep(); else back();
});
week.addEventListener('pointercancel', back);
week.addEventListener('dragstart', (event) => event.preventDefault()); // a link would be dragged by itself

week.addEventListener('click', (event) => {
  if (moved) {
    event.preventDefault();
    moved = false;
    return;
  }
  const starts = document.getElementById('startsAt');
  if (event.target.closest('[data-lesson]') || !starts) return;
  starts.value = typed(snapped(place(event)));
  document.getElementById('household').focus({ preventScroll: true });
  document.getElementById('plan').scrollIntoView({ block: 'center' });
});

week.addEventListener('keydown', (event) => {
  const lesson = movable(event.target);
  const by = ARROWS[event.key];
  if (lesson && by && !event.ctrlKey && !event.metaKey && !event.altKey) {
    event.preventDefault();
    const from = held?.to ?? stands(lesson);
    held = { lesson, byKeys: true, to: snapped({ day: within(from.day + by[0], dates.length - 1), minute: from.minute + by[1] }) };
    show(lesson, held.to);
    says.textContent += ' Enter keeps it, Escape leaves it where it was.';
  } else if (held && event.key === 'Enter') {
    event.preventDefault();
    keep();
  }
});
week.addEventListener('focusout', () => { if (held?.byKeys) back(); });
document.addEventListener('keydown', (event) => { if (event.key === 'Escape') back(); });
week.dataset.ready = 'yes';
