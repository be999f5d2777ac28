// Small comforts for the trainer's pages; everything works without them.
document.addEventListener('keydown', (event) => {
  if (event.key !== 'Escape') return;
  const open = document.querySelector('details.more[open]');
  if (open) { open.open = false; return; }
  const close = document.querySelector('[data-close]');
  if (close) close.click();
});
document.addEventListener('click', (event) => {
  document.querySelectorAll('details.more[open]').forEach((menu) => { if (!menu.contains(event.target)) menu.open = false; });
  if (event.target.closest('[data-print]')) print();
  const copy = event.target.closest('[data-copy]');
  if (copy) {
    navigator.clipboard.writeText(document.querySelector(copy.dataset.copy).textContent.trim())
      .then(() => { copy.textContent = 'Copied'; });
  }
});
// Who signs out leaves no lesson behind that was kept for no signal.
document.addEventListener('submit', (event) => {
  if (!event.target.action?.endsWith('/logout')) return;
  Object.keys(localStorage).filter((name) => /^cahier\.hour\.\d/.test(name)).forEach((name) => localStorage.removeItem(name));
  globalThis.caches?.keys().then((names) => names.forEach(async (name) => {
    const cache = await caches.open(name);
    (await cache.keys()).filter((page) => new URL(page.url).pathname.startsWith('/lessons/')).forEach((page) => cache.delete(page));
  }));
});
// One submit is enough: a double click sends a form once. Coming back to the page makes it usable again.
document.addEventListener('submit', (event) => {
  if (event.target.matches('[data-again]')) return; // a download leaves the page as it is
  if (event.target.dataset.sent) event.preventDefault();
  event.target.dataset.sent = 'yes';
});
window.addEventListener('pageshow', () => document.querySelectorAll('form[data-sent]').forEach((form) => delete form.dataset.sent));
// A mark tells its rep, a day its story: pointed at, focused or tapped.
for (const kind of ['pointerover', 'focusin', 'click']) {
  document.addEventListener(kind, (event) => {
    const spot = event.target.closest?.('.spot');
    const told = spot?.closest('.page').querySelectorAll('.told');
    if (!told) return;
    const after = [...told].find((t) => spot.compareDocumentPosition(t) & Node.DOCUMENT_POSITION_FOLLOWING);
    if (after) after.textContent = spot.getAttribute('aria-label');
  });
}
// A drawing that is wider than the screen opens at its end, where today is.
document.querySelectorAll('.telling').forEach((drawing) => { drawing.scrollLeft = drawing.scrollWidth; });
// A child is no handler by default: the tick goes with the age while it is typed (when the field is left would be too late: what moves then is missed by
// the click that leaves it), and comes back with another age, or by a hand.
const tick = document.querySelector('input[name=mayHandle][data-grown]');
let byAge = false;
tick?.addEventListener('change', () => { byAge = false; });
const age = document.getElementById('age');
function followAge() {
  const years = age.value.trim();
  const child = /^\d+$/.test(years) && Number(years) < Number(tick.dataset.grown);
  if (child ? tick.checked : byAge) {
    byAge = child;
    tick.checked = !child;
  }
}
if (tick && age) {
  age.addEventListener('input', followAge);
  if (age.value !== age.defaultValue) followAge(); // somebody typed before this script came
}
// What a choice does not need is out of sight while something else is chosen.
const shows = [...document.querySelectorAll('input[data-shows]')];
function showChosen() {
  const chosen = shows.find((i) => i.checked)?.value ?? '';
  document.querySelectorAll('[data-of]').forEach((part) => { part.hidden = !part.dataset.of.split(' ').includes(chosen); });
}
shows.forEach((i) => i.addEventListener('change', showChosen));
if (shows.length > 0) showChosen();
// The browser knows where it is, and the names of all time zones: its own is offered where another stands, the others while one is typed.
document.querySelectorAll('input[data-zone]').forEach((zone) => {
  zone.addEventListener('focus', () => {
    const known = document.createElement('datalist');
    known.id = zone.getAttribute('list');
    known.append(...(Intl.supportedValuesOf?.('timeZone') ?? []).map((name) => new Option(name, name)));
    zone.after(known);
  }, { once: true });
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  if (!here || here === zone.value) return;
  const take = document.createElement('button');
  take.type = 'button';
  take.className = 'button is-small is-text';
  take.textContent = `Use ${here}, as this browser has it`;
  take.addEventListener('click', () => { zone.value = here; take.remove(); });
  zone.after(take);
});

// While a first hour is led, every page of that household has a tab back to its way: the first in the lane.
document.addEventListener('DOMContentLoaded', () => {
  const FIRST = 'cahier.first-hour';
  const here = location.pathname;
  const way = document.querySelector('.hour-way');
  if (way) sessionStorage.setItem(FIRST, here);
  else if (sessionStorage.getItem(FIRST) === here) sessionStorage.removeItem(FIRST); // it is over
  const book = sessionStorage.getItem(FIRST);
  const lane = document.querySelector('nav.index');
  if (!book || !lane || (way && !document.querySelector('.slip')) || !document.querySelector(`main a[href="${book}"], nav.index a[href="${book}"]`)) return;
  const tab = document.createElement('a');
  tab.href = book;
  tab.textContent = 'First hour';
  tab.className = 'to-first';
  lane.prepend(tab);
});
