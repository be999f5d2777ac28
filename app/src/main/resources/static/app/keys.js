// Single keys for the trainer's pages (docs/interface.md 7). They can be switched off and never act inside a field.
const OFF = 'cahier.keys';
const PLACES = { d: '/', h: '/households', l: '/lessons', s: '/sheets', f: '/shelf' };
const G_MS = 1500;

const items = () => [...document.querySelectorAll('.entry.track, .entry.visit, .entry.look')].filter((e) => e.offsetParent !== null);
const marked = () => document.querySelector('.marked');
let gone = 0;

function move(by) {
  const all = items();
  if (all.length === 0) return;
  const at = all.indexOf(marked());
  const next = all[at < 0 ? (by > 0 ? 0 : all.length - 1) : Math.min(all.length - 1, Math.max(0, at + by))];
  marked()?.classList.remove('marked');
  next.classList.add('marked');
  next.scrollIntoView({ block: 'nearest' });
}
/** The mark, or the only thing there is to mark. */
const one = () => marked() ?? (items().length === 1 ? items()[0] : null);
const press = (selector) => one()?.querySelector(selector)?.click();

const ACTIONS = {
  j: () => move(1),
  k: () => move(-1),
  Enter: () => press('h2 a, h3 a, a'),
  a: () => press('.acts .cross'),
  o: () => press('.acts a[href*="/overrule"]'),
  u: () => (one() ?? document).querySelector('form[action*="/undo"] button')?.click(),
  p: () => { const sheet = document.querySelector('a[href*="/sheets/"], [data-print]'); if (sheet?.dataset.print !== undefined) print(); else sheet?.click(); },
  '/': () => document.querySelector('.find input')?.focus(),
  '?': () => document.getElementById('keys')?.showModal(),
};

const inField = (target) => target.closest?.('input, textarea, select, [contenteditable], dialog[open]');

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || inField(event.target)) return;
  if (localStorage.getItem(OFF) === 'off' && event.key !== '?') return;
  if (event.key === 'g') { gone = Date.now(); return; }
  if (Date.now() - gone < G_MS && PLACES[event.key]) { gone = 0; location.assign(PLACES[event.key]); return; }
  const onControl = event.target.closest?.('a, button, summary, [tabindex]');
  if (event.key === 'Enter' && onControl) return;
  const action = ACTIONS[event.key];
  if (!action) return;
  event.preventDefault();
  action();
});

/** From a field for finding down to what was found, and along it; Escape goes back to the field. */
const finds = () => [...document.querySelectorAll('#glance a')].concat([...document.querySelectorAll('#found a')]).filter((a) => a.offsetParent !== null);
document.addEventListener('keydown', (event) => {
  const from = event.target.closest?.('input[name=find], #glance a, #found a');
  if (!from) return;
  if (event.key === 'Escape') {
    document.getElementById('glance').replaceChildren();
    if (from.tagName === 'A') document.querySelector('.find input').focus();
    return;
  }
  const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  const to = by && finds()[finds().indexOf(from) + by];
  if (!by || (by < 0 && from.tagName === 'INPUT')) return;
  event.preventDefault();
  if (to) to.focus(); else if (by < 0) document.querySelector('.find input').focus();
});
document.addEventListener('click', (event) => { if (!event.target.closest('.find form')) document.getElementById('glance')?.replaceChildren(); });

document.addEventListener('click', (event) => { if (event.target.closest('[data-keys]')) document.getElementById('keys').showModal(); });
document.addEventListener('DOMContentLoaded', () => {
  const boxes = [...document.querySelectorAll('[data-keys-on]')];
  const show = () => boxes.forEach((box) => { box.checked = localStorage.getItem(OFF) !== 'off'; });
  show();
  boxes.forEach((box) => box.addEventListener('change', () => { localStorage.setItem(OFF, box.checked ? 'on' : 'off'); show(); }));
});
