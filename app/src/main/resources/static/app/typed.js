// What is typed is not lost: forms about a household keep drafts on the server as they are typed, a form is only sent by somebody who is signed in,
// and a page with words that are kept nowhere yet asks before it is left.
import { mayBeOut, signedIn } from './signin.js';

const SOON_MS = 700;
const CSRF_HEADER = document.querySelector('script[data-csrf-header]').dataset.csrfHeader; // as the server names it
const ABOUT = /^\/(households|tracks|steps|lessons)\/\d+/;
const device = localStorage.getItem('cahier.device') ?? Math.random().toString(36).slice(2, 12);
localStorage.setItem('cahier.device', device);

const path = (form) => new URL(form.action).pathname;
const wordy = (form) => form.method === 'post' && form.querySelector('textarea') && !form.querySelector('[type=password], [type=file]');
const texts = (form) => [...form.elements].filter((f) => f.name && f.name !== '_csrf' && (f.matches('textarea, select, input[type=text], input:not([type])')));
const changed = (field) => 'defaultValue' in field && field.value !== field.defaultValue; // somebody typed here since the page came
const states = new Map();

// ---- drafts ----

function watch(form) {
  const state = { kept: ABOUT.test(path(form)), unkept: new Set(), known: {}, seen: null, timer: 0 };
  states.set(form, state);
  if (state.kept) {
    const mark = document.createElement('input');
    Object.assign(mark, { type: 'hidden', name: '_draft', value: path(form) });
    form.append(mark);
  }
  const typed = (field) => {
    state.unkept.add(field.name);
    clearTimeout(state.timer);
    if (state.kept) state.timer = setTimeout(() => keep(form), SOON_MS);
  };
  form.addEventListener('input', (event) => { if (event.target.name && texts(form).includes(event.target)) typed(event.target); });
  state.catchUp = () => texts(form).filter((f) => changed(f) && f.value !== state.known[f.name]).forEach(typed);
}

async function keep(form) {
  const state = states.get(form);
  const names = [...state.unkept];
  if (names.length === 0) return;
  const fields = Object.fromEntries(texts(form).filter((f) => names.includes(f.name)).map((f) => [f.name, f.value]));
  try {
    const answer = await fetch('/drafts', { method: 'POST', keepalive: true, headers: { 'Content-Type': 'application/json', [CSRF_HEADER]: form.elements._csrf.value },
      body: JSON.stringify({ form: path(form), device, fields, seen: state.seen }) });
    if (!answer.ok || answer.redirected) return;
    const { at, others } = await answer.json();
    if (others.length === 0) state.seen = at; // what another device typed stays unseen until somebody has chosen
    names.filter((name) => form.elements[name].value === fields[name]).forEach((name) => state.unkept.delete(name));
    others.forEach((other) => elsewhere(form, other));
  } catch {
    // no signal: it stays unkept, and the page asks before it is left
  }
}

const clock = (at) => new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }); // as every page writes it

function note(words, ...buttons) {
  const said = document.createElement('p');
  said.className = 'hint drafted';
  said.setAttribute('role', 'status');
  said.append(`${words} `, ...buttons);
  return said;
}

function button(words, act) {
  const made = document.createElement('button');
  Object.assign(made, { type: 'button', className: 'button is-small is-text', textContent: words });
  made.addEventListener('click', act);
  return made;
}

/** The same field was typed into on another device meanwhile. */
function elsewhere(form, other) {
  const field = form.elements[other.field];
  if (!field || field.value === other.words) return;
  field.parentElement.querySelector('.drafted')?.remove();
  const said = note(`On another device, ${clock(other.typedAt)}: “${other.words}”`, button('Take that', () => { field.value = other.words; choose(); }),
    button('Keep mine', () => choose()));
  const choose = () => {
    const state = states.get(form);
    state.seen = other.typedAt;
    state.unkept.add(other.field);
    said.remove();
    keep(form);
  };
  field.after(said);
}

/** What was typed before and never saved stands in its fields again. */
async function restore(forms) {
  const answer = await fetch(`/drafts?${new URLSearchParams(forms.map((f) => ['form', path(f)]))}`);
  if (!answer.ok || answer.redirected) return;
  const drafts = await answer.json();
  for (const form of forms) {
    const mine = drafts.filter((d) => d.form === path(form));
    states.get(form).known = Object.fromEntries(mine.map((d) => [d.field, d.words]));
    states.get(form).seen = mine.map((d) => d.typedAt).sort().at(-1) ?? null;
    const otherwise = mine.filter((d) => { const f = form.elements[d.field]; return f && 'value' in f && f.value !== d.words && !changed(f) && !states.get(form).unkept.has(d.field); });
    if (otherwise.length === 0) continue;
    const before = otherwise.map((d) => [form.elements[d.field], form.elements[d.field].value]);
    otherwise.forEach((d) => { form.elements[d.field].value = d.words; });
    form.closest('details')?.setAttribute('open', '');
    const said = note(`Typed ${clock(otherwise.map((d) => d.typedAt).sort().at(-1))} and not saved yet.`, button('Start over', async () => {
      before.forEach(([field, value]) => { field.value = value; });
      said.remove();
      await fetch('/drafts/forget', { method: 'POST', body: new URLSearchParams({ form: path(form), _csrf: form.elements._csrf.value }) });
    }));
    form.prepend(said);
  }
}

// ---- sending and leaving ----

function say(words) {
  const place = document.getElementById('flash') ?? document.querySelector('main').insertAdjacentElement('afterbegin', Object.assign(document.createElement('div'), { id: 'flash' }));
  place.innerHTML = '<p class="flash no" role="alert"></p>';
  place.firstElementChild.textContent = words;
  place.scrollIntoView({ block: 'nearest' });
}

document.addEventListener('submit', async (event) => {
  const form = event.target;
  if (event.defaultPrevented || form.method !== 'post' || form.closest('dialog:not(.beside)') || form.action.endsWith('/logout')) return;
  if (!form.dataset.sure && (mayBeOut() || navigator.onLine === false)) {
    event.preventDefault();
    event.stopImmediatePropagation();
    try {
      if (!await signedIn()) return;
    } catch {
      say('No signal. Nothing was sent, and what you typed is still here.');
      return;
    }
    form.dataset.sure = 'yes';
    form.requestSubmit(event.submitter);
    delete form.dataset.sure;
    return;
  }
  const state = states.get(form);
  if (state) { clearTimeout(state.timer); state.unkept.clear(); }
}, true);
document.addEventListener('visibilitychange', () => { if (document.hidden) states.forEach((state, form) => { if (state.kept && form.isConnected) keep(form); }); });
addEventListener('beforeunload', (event) => { if ([...states].some(([form, state]) => form.isConnected && state.unkept.size > 0)) event.preventDefault(); });

/** For forms that come later, as the whole step beside its table. */
export function watchForms(within) {
  const forms = [...within.querySelectorAll('form')].filter((form) => wordy(form) && !states.has(form));
  forms.forEach(watch);
  const kept = forms.filter((form) => states.get(form).kept);
  const drafts = kept.length > 0 ? restore(kept) : Promise.resolve();
  drafts.catch(() => { /* no signal: the fields are as the page came */ }).finally(() => forms.forEach((form) => states.get(form).catchUp())); // somebody may have typed before this script came
}

watchForms(document.querySelector('main') ?? document);
