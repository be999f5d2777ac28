// What stands in a plan is dragged, or moved with the arrow keys. The page sends where things stand, the server says what that comes to.
const STEP = 0.5;
const FINE = 0.1;
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] };
let drag = null;
let asking = false;
let waiting = null;   // where things stood at the last move that was not asked yet

const form = () => document.getElementById('setup');
const field = (name) => form().querySelector(`[data-field="${name}"]`);
const names = (grip, way) => (grip.dataset[way] ?? '').split(' ').filter(Boolean);
const number = (input) => Number(input.value.replace(',', '.')) || 0;
const most = (input) => (input.dataset.below ? number(field(input.dataset.below)) - STEP : Number(input.dataset.most));

/** The fields of a grip with what they said before it was moved. */
const standing = (grip) => Object.fromEntries(['sideways', 'upward'].map((way) => [way, names(grip, way).map((name) => [name, number(field(name))])]));

/** Moves all fields of one way by as much as each of them allows. */
function put(fields, by) {
  const allowed = fields.reduce((left, [name, was]) => Math.max(Number(field(name).dataset.least) - was, Math.min(most(field(name)) - was, left)), by);
  fields.forEach(([name, was]) => { field(name).value = Math.round((was + allowed) * 10) / 10; });
}

const stand = () => [...form().querySelectorAll('[data-field]')].map((input) => [input.dataset.field, input.value]);

document.addEventListener('htmx:afterSwap', () => waiting?.forEach(([name, value]) => { field(name).value = value; }));

/** One question at a time; what was moved meanwhile is asked next, and outlives the answer that comes before it. */
async function ask() {
  waiting = stand();
  if (asking) return;
  asking = true;
  while (waiting) {
    waiting = null;
    const query = new URLSearchParams(new FormData(form()));
    const kept = query.toString();
    if (drag) query.set('hold', drag.hold);
    await htmx.ajax('GET', `${form().getAttribute('action')}?${query}`, { target: '#work', select: '#work', swap: 'outerHTML' });
    if (!drag) history.replaceState(null, '', `${location.pathname}?${kept}`);
  }
  asking = false;
}

document.addEventListener('pointerdown', (event) => {
  const grip = event.target.closest?.('.grip');
  if (!grip) return;
  event.preventDefault();
  grip.focus();
  const plan = grip.ownerSVGElement;
  drag = { x: event.clientX, y: event.clientY, hold: plan.dataset.hold, scale: Number(plan.dataset.hold.split(' ')[0]) * plan.getScreenCTM().a, was: standing(grip) };
});
document.addEventListener('pointermove', (event) => {
  if (!drag) return;
  put(drag.was.sideways, (event.clientX - drag.x) / drag.scale);
  put(drag.was.upward, (drag.y - event.clientY) / drag.scale);
  ask();
});
for (const end of ['pointerup', 'pointercancel']) {
  document.addEventListener(end, () => {
    if (!drag) return;
    drag = null;
    ask();
  });
}
document.addEventListener('keydown', (event) => {
  const grip = event.target.closest?.('.grip');
  if (!grip || !ARROWS[event.key]) return;
  event.preventDefault();
  const step = event.shiftKey ? FINE : STEP;
  const was = standing(grip);
  put(was.sideways, ARROWS[event.key][0] * step);
  put(was.upward, ARROWS[event.key][1] * step);
  ask();
});
