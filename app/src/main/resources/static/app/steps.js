// The steps of a track, edited in their table: cells in place, a step between two, its place by drag, a criterion along the scale over its column.
// Every change is one request that answers with the table as it then is; without this script the step's own page does the same.
import { signedIn } from './signin.js';
import { watchForms } from './typed.js';

const MOST_UNDO = 50;
const NS = 'http://www.w3.org/2000/svg';

const section = () => document.getElementById('steps');
const table = () => section().querySelector('table.steps');
const rows = () => [...table().tBodies[0].rows];
const cells = (row) => [...row.querySelectorAll('[data-field]')];
const cellOf = (step, field) => table()?.querySelector(`tr[data-step="${step}"] [data-field="${field}"]`);
const stack = `cahier.steps.${section().dataset.track}`;
const undos = () => JSON.parse(sessionStorage.getItem(stack) ?? '[]');
const keepUndos = (list) => sessionStorage.setItem(stack, JSON.stringify(list.slice(-MOST_UNDO)));

/** What is empty has no attribute. */
const typedIn = (part) => part.dataset.typed ?? '';

let at = null; // the cell with the keyboard, as [step, field]
let busy = false;

// ---- talking with the server ----

/** Sends one change. Answers what was wrong, or nothing when the table has changed. */
async function send(action, fields, undoing = false) {
  if (busy) return 'The last change is still on its way.';
  busy = true;
  section().setAttribute('aria-busy', 'true');
  try {
    const body = new URLSearchParams({ ...fields, _csrf: document.querySelector('input[name=_csrf]').value });
    const answer = await fetch(action, { method: 'POST', body, headers: { 'X-In-Place': 'yes' } });
    const text = await answer.text();
    if (answer.status === 422) return text;
    const fresh = answer.ok && !answer.redirected ? new DOMParser().parseFromString(text, 'text/html').getElementById('steps') : null;
    if (!fresh && (answer.ok || answer.status === 403)) return await signedIn() ? await again(action, fields, undoing) : 'Not kept: you are signed out';
    if (!fresh) return `Not kept: the server said ${answer.status}. Try again.`;
    show(fresh, undoing);
    return '';
  } catch {
    return 'Not kept: no signal. Try again.';
  } finally {
    busy = false;
    section().removeAttribute('aria-busy');
  }
}

function again(...what) {
  busy = false;
  return send(...what);
}

function show(fresh, undoing) {
  const undo = fresh.querySelector('form.undo');
  if (undo && !undoing) keepUndos([...undos(), { action: undo.getAttribute('action'), fields: Object.fromEntries(new FormData(undo)) }]);
  if (undo && undoing && undos().length < 2) undo.remove();
  section().replaceWith(fresh);
  if (fresh.dataset.made) at = [fresh.dataset.made, 'title'];
  begin();
}

async function takeBack() {
  const list = undos();
  const last = list.pop();
  if (!last) return;
  const wrong = await send(last.action, last.fields, true);
  if (wrong) say(wrong); else keepUndos(list);
}

const sentence = (wrong) => wrong.replace(/\.?$/, '.');

/** What is not about one cell stands where refusals stand. */
function say(wrong) {
  document.getElementById('flash').innerHTML = '<p class="flash no"></p>';
  document.querySelector('#flash .flash').textContent = sentence(wrong);
  document.getElementById('flash').scrollIntoView({ block: 'nearest' });
}

// ---- the table as a grid ----

function begin() {
  if (!table()) return;
  table().setAttribute('role', 'grid');
  section().querySelector('.keyed').hidden = false;
  for (const row of rows()) {
    for (const cell of cells(row)) {
      cell.tabIndex = -1;
      if (!cell.dataset.editable) cell.setAttribute('aria-readonly', 'true');
    }
  }
  const here = (at && cellOf(...at)) ?? rows().find((r) => r.classList.contains('now'))?.querySelector('td[data-field]') ?? rows()[0].querySelector('td[data-field]');
  here.tabIndex = 0;
  if (at) here.focus();
  drawScales(here.closest('tr'));
}

function go(cell) {
  table().querySelectorAll('[data-field][tabindex="0"]').forEach((c) => { c.tabIndex = -1; });
  cell.tabIndex = 0;
  at = [cell.closest('tr').dataset.step, cell.dataset.field];
  cell.focus();
}

/** So many rows and columns on; at an edge it stays. */
function step(cell, down, right) {
  const row = cell.closest('tr');
  const column = cells(row).indexOf(cell);
  const to = rows()[rows().indexOf(row) + down] ?? row;
  return cells(to)[column + right] ?? cells(to)[column];
}

// ---- a cell being changed ----

function edit(cell, typed) {
  if (!cell.dataset.editable || cell.querySelector('input')) {
    if (!cell.dataset.editable) beside(cell.closest('tr').dataset.step);
    return;
  }
  const head = table().tHead.querySelector(`[data-field="${cell.dataset.field}"]`);
  const input = document.createElement('input');
  input.className = 'input is-small';
  input.value = typed ?? typedIn(cell);
  input.setAttribute('aria-label', `${head.firstElementChild.textContent}, step ${cell.closest('tr').dataset.number}`);
  cell.dataset.was ??= typedIn(cell);
  const listed = [...head.querySelectorAll('i')];
  if (listed.length > 0 && !['distance', 'duration'].includes(cell.dataset.field)) {
    const known = document.createElement('datalist');
    known.id = 'known';
    known.append(...listed.map(typedIn).filter(Boolean).map((word) => new Option(word)));
    cell.append(known);
    input.setAttribute('list', 'known');
  }
  cell.classList.add('open');
  cell.append(input);
  input.focus();
  if (typed === undefined) input.select();
  input.addEventListener('keydown', (event) => {
    event.stopPropagation();
    const next = { Enter: [event.shiftKey ? -1 : 1, 0], Tab: [0, event.shiftKey ? -1 : 1] }[event.key];
    if (event.key === 'Escape') { close(cell); go(cell); }
    if (!next || event.isComposing) return;
    event.preventDefault();
    save(cell, step(cell, ...next));
  });
  input.addEventListener('blur', () => { if (cell.classList.contains('open') && !busy) save(cell); });
}

function close(cell) {
  cell.classList.remove('open'); // first, for taking the field away leaves it
  cell.querySelectorAll('input, datalist, .no').forEach((part) => part.remove());
  delete cell.dataset.was;
}

async function save(cell, next) {
  const input = cell.querySelector('input');
  const { was, field } = cell.dataset;
  const row = cell.closest('tr').dataset.step;
  const to = next ? [next.closest('tr').dataset.step, next.dataset.field] : null;
  if (input.value.trim() === was) {
    close(cell);
    if (next) go(next);
    return;
  }
  at = to;
  const wrong = await send(`/steps/${row}/cell`, { field, typed: input.value, was });
  if (!wrong) return;
  const meanwhile = wrong.match(/^was changed meanwhile to “(.*)”/s);
  if (meanwhile) [, cell.dataset.was] = meanwhile;
  cell.querySelector('.no')?.remove();
  const no = document.createElement('span');
  no.className = 'no';
  no.setAttribute('role', 'alert');
  no.textContent = sentence(wrong);
  cell.append(no);
  at = [row, field];
  if (next) input.focus();
}

// ---- the scales over the columns: the step at hand is the handle ----

const stops = (head) => [...head.querySelectorAll('i')];
const x = (i, all) => 6 + i * (72 / Math.max(1, all.length - 1));
const stopAt = (cell, all) => all.findIndex((s) => typedIn(s).toLowerCase() === typedIn(cell).toLowerCase());

function node(name, attributes) {
  const made = document.createElementNS(NS, name);
  Object.entries(attributes).forEach(([key, value]) => made.setAttribute(key, value));
  return made;
}

function drawScales(row) {
  for (const head of table().tHead.querySelectorAll('th[data-field]')) {
    const scale = head.querySelector('.scale');
    if (!scale) continue;
    scale.querySelector('svg')?.remove();
    const all = stops(head);
    const cell = row.querySelector(`[data-field="${head.dataset.field}"]`);
    const now = stopAt(cell, all);
    const drawn = node('svg', { viewBox: '0 0 84 24', role: 'slider', tabindex: '0', 'aria-label': `${head.firstElementChild.textContent} of step ${row.dataset.number}`,
      'aria-valuemin': 1, 'aria-valuemax': all.length, 'aria-valuenow': now + 1, 'aria-valuetext': now < 0 ? 'none' : all[now].dataset.says });
    drawn.append(node('path', { d: 'M6 16H78', class: 'line' }));
    rows().forEach((r) => {
      const i = stopAt(r.querySelector(`[data-field="${head.dataset.field}"]`), all);
      if (i >= 0) drawn.append(node('path', { d: `M${x(i, all)} 12V20`, class: 'tick' }));
    });
    if (now >= 0) drawn.append(node('circle', { cx: x(now, all), cy: 16, r: 5, class: 'hand' }));
    scale.append(drawn);
    hold(drawn, head, row, all, Math.max(0, now));
  }
}

/** Moves the handle, with the value in the cell and whether it is raised or relaxed against its neighbours, before anything is kept. */
function preview(drawn, head, row, all, i) {
  drawn.querySelector('.hand')?.setAttribute('cx', x(i, all));
  drawn.setAttribute('aria-valuenow', i + 1);
  drawn.setAttribute('aria-valuetext', all[i].dataset.says);
  const cell = row.querySelector(`[data-field="${head.dataset.field}"]`);
  cell.textContent = all[i].dataset.says;
  const list = rows();
  const spot = (r) => (r === row ? i : stopAt(r.querySelector(`[data-field="${head.dataset.field}"]`), all));
  for (const r of [row, list[list.indexOf(row) + 1]]) {
    const before = list[list.indexOf(r) - 1];
    if (!r || !before) continue;
    const here = r.querySelector(`[data-field="${head.dataset.field}"]`);
    here.classList.toggle('raised', spot(r) > spot(before));
    here.classList.toggle('relaxed', spot(r) < spot(before));
    r.classList.toggle('crowded', r.querySelectorAll('.raised').length > 1);
  }
}

function hold(drawn, head, row, all, start) {
  let to = start;
  let soon = 0;
  const keep = async () => {
    clearTimeout(soon);
    const cell = row.querySelector(`[data-field="${head.dataset.field}"]`);
    if (typedIn(all[to]) === typedIn(cell)) return;
    const wrong = await send(`/steps/${row.dataset.step}/cell`, { field: head.dataset.field, typed: typedIn(all[to]), was: typedIn(cell) });
    if (wrong) {
      preview(drawn, head, row, all, start);
      say(wrong);
      return;
    }
    table().tHead.querySelector(`[data-field="${head.dataset.field}"] svg`)?.focus();
  };
  const move = (i) => {
    to = Math.min(all.length - 1, Math.max(0, i));
    at = [row.dataset.step, head.dataset.field];
    preview(drawn, head, row, all, to);
  };
  drawn.addEventListener('keydown', (event) => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
    if (event.key === 'Enter') keep();
    if (!by) return;
    event.preventDefault();
    move(to + by);
    clearTimeout(soon);
    soon = setTimeout(keep, 900);
  });
  drawn.addEventListener('blur', () => { if (to !== start && drawn.isConnected && !busy) keep(); });
  drawn.addEventListener('pointerdown', (event) => {
    const pull = (e) => { const box = drawn.getBoundingClientRect(); move(Math.round(((e.clientX - box.left) / box.width * 84 - 6) / (72 / Math.max(1, all.length - 1)))); };
    drawn.setPointerCapture(event.pointerId);
    pull(event);
    drawn.addEventListener('pointermove', pull);
    drawn.addEventListener('pointerup', () => { drawn.removeEventListener('pointermove', pull); keep(); }, { once: true });
    drawn.addEventListener('pointercancel', () => { drawn.removeEventListener('pointermove', pull); move(start); }, { once: true });
  });
}

// ---- a step taken by its number to another place ----

function dragRow(event) {
  const number = event.target.closest('.sn');
  if (!number || event.button !== 0) return;
  event.preventDefault();
  const row = number.closest('tr');
  const from = rows().indexOf(row);
  let to = from;
  const over = (e) => {
    const all = rows();
    const under = all.findIndex((r) => e.clientY < r.getBoundingClientRect().bottom);
    to = under < 0 ? all.length - 1 : under;
    all.forEach((r, i) => { r.classList.toggle('drop-before', i === to && to < from); r.classList.toggle('drop-after', i === to && to > from); });
    row.classList.add('held');
  };
  const end = (e) => {
    number.removeEventListener('pointermove', over);
    rows().forEach((r) => r.classList.remove('drop-before', 'drop-after', 'held'));
    if (e.type === 'pointerup' && to !== from) change(`/steps/${row.dataset.step}/move`, { by: to - from }, [row.dataset.step, 'title']);
  };
  number.setPointerCapture(event.pointerId);
  number.addEventListener('pointermove', over);
  number.addEventListener('pointerup', end, { once: true });
  number.addEventListener('pointercancel', end, { once: true });
}

async function change(action, fields, then) {
  at = then ?? at;
  const wrong = await send(action, fields);
  if (wrong) say(wrong);
}

// ---- everything else of a step, beside the table ----

async function beside(id) {
  const dialog = section().querySelector('dialog.beside');
  try {
    const answer = await fetch(`/steps/${id}`);
    const page = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const form = page.querySelector('main form.form');
    if (!answer.ok || !form) throw new Error('not the page of a step');
    const close = document.createElement('button');
    close.type = 'button';
    close.className = 'button is-small is-text';
    close.textContent = 'Close';
    close.addEventListener('click', () => { dialog.close(); cellOf(id, 'title')?.focus(); });
    dialog.replaceChildren(page.querySelector('main h1'), close, form);
    dialog.show();
    globalThis.htmx?.process(form);
    watchForms(dialog);
    form.querySelector('input:not([type=hidden])').focus();
  } catch {
    location.assign(`/steps/${id}`);
  }
}

// ---- hands and keys ----

document.addEventListener('click', (event) => {
  if (event.defaultPrevented || event.metaKey || event.ctrlKey || event.shiftKey || event.button !== 0) return;
  const inside = event.target.closest?.('#steps table');
  if (!inside) return;
  const link = event.target.closest('a.nm');
  const cell = event.target.closest('tbody [data-field]');
  if (link && matchMedia('(min-width: 900px)').matches) {
    event.preventDefault();
    beside(link.closest('tr').dataset.step);
  } else if (cell && !link && !event.target.closest('.sn, input, .no')) {
    if (!busy) { go(cell); edit(cell); }
  }
});
document.addEventListener('focusin', (event) => {
  const cell = event.target.closest?.('#steps tbody [data-field]');
  if (!cell || event.target !== cell) return;
  at = [cell.closest('tr').dataset.step, cell.dataset.field];
  drawScales(cell.closest('tr'));
});
document.addEventListener('pointerdown', (event) => { if (event.target.closest?.('#steps tbody')) dragRow(event); });
document.addEventListener('submit', (event) => {
  const form = event.target;
  if (!form.closest('#steps') || form.closest('dialog') || form.dataset.whole) return;
  event.preventDefault();
  if (form.matches('.undo')) takeBack(); else change(form.getAttribute('action'), Object.fromEntries(new FormData(form)));
});
document.addEventListener('keydown', (event) => {
  const dialog = section().querySelector('dialog.beside[open]');
  if (event.key === 'Escape' && dialog) { dialog.close(); if (at) cellOf(...at)?.focus(); return; }
  if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !event.target.closest?.('input, textarea, select')) { event.preventDefault(); takeBack(); return; }
  const cell = event.target.closest?.('#steps tbody [data-field]');
  if (!cell || event.target !== cell) return;
  const row = cell.closest('tr');
  const moves = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
  if (event.altKey && moves?.[0]) {
    event.preventDefault();
    change(`/steps/${row.dataset.step}/move`, { by: moves[0] });
  } else if (event.ctrlKey || event.metaKey || event.altKey) {
    // the browser's own
  } else if (moves) {
    event.preventDefault();
    go(step(cell, ...moves));
  } else if (event.key === 'Home' || event.key === 'End') {
    event.preventDefault();
    go(cells(row).at(event.key === 'Home' ? 0 : -1));
  } else if (event.key === 'Enter' || event.key === 'F2') {
    event.preventDefault();
    edit(cell);
  } else if (event.key === 'Insert') {
    event.preventDefault();
    change(`/steps/${row.dataset.step}/between`, {});
  } else if (event.key === 'Delete' || event.key === 'Backspace') {
    event.preventDefault();
    if (cell.dataset.field !== 'title') edit(cell, '');
  } else if (event.key.length === 1 && event.key !== ' ') {
    event.preventDefault();
    event.stopImmediatePropagation();
    edit(cell, event.key);
  }
}, true);

begin();
