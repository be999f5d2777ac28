// The ends of a watch's spells are dragged on its drawing, or moved with the arrow keys. The lines under it follow, and what stands in them is what is sent.
const drawing = document.querySelector('.drawing.watch[data-hold]');
const text = document.getElementById('spells');
const LINE = /^\s*([a-z]+)\s*[,;\t]\s*([\d:.]+)\s*[,;\t]\s*([\d:.]+)\s*$/i;
const SHORTEST = 0.5;
const STEP = 1;
const FINE = 0.1;
let drag;

const seconds = (typed) => typed.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
const tenth = (s) => Math.round(s * 10) / 10;

function moment(s) {
  const minutes = Math.floor(tenth(s) / 60);
  const rest = tenth(tenth(s) - minutes * 60);
  return `${minutes}:${rest < 10 ? '0' : ''}${rest}`;
}

const spells = () => text.value.split('\n').filter((l) => l.trim()).map((l) => LINE.exec(l)).map((m) => m && { sign: m[1], from: seconds(m[2]), to: seconds(m[3]) });
const [scale, left] = (drawing?.dataset.hold ?? '').split(' ').map(Number);
const last = () => (drawing.viewBox.baseVal.width - left) / scale;
const grip = (i, end) => document.getElementById(`spell-${i}-${end}`);

/** Where the lines say; what was typed otherwise than it is drawn cannot be dragged until it is sent. */
function draw() {
  const all = spells();
  const fits = all.every(Boolean) && all.length * 2 === drawing.querySelectorAll('.grip').length;
  drawing.querySelectorAll('.grip').forEach((g) => { g.style.display = fits ? '' : 'none'; });
  if (!fits) return;
  let path = '';
  all.forEach((spell, i) => {
    for (const end of ['from', 'to']) {
      grip(i, end).setAttribute('cx', left + spell[end] * scale);
      grip(i, end).setAttribute('aria-valuenow', tenth(spell[end]));
      grip(i, end).setAttribute('aria-valuetext', `${spell.sign}, ${end === 'from' ? 'begins' : 'ends'} ${moment(spell[end])}`);
    }
    path += `M${left + spell.from * scale} ${(Number(grip(i, 'from').getAttribute('cy')) + Number(grip(i, 'to').getAttribute('cy'))) / 2}H${left + spell.to * scale}`;
  });
  drawing.querySelector('.spell').setAttribute('d', path);
}

function put(held, at) {
  const [, i, end] = held.id.split('-');
  const all = spells();
  const spell = all[Number(i)];
  spell[end] = end === 'from' ? Math.max(0, Math.min(at, spell.to - SHORTEST)) : Math.min(last(), Math.max(at, spell.from + SHORTEST));
  text.value = all.map((s) => `${s.sign}, ${moment(s.from)}, ${moment(s.to)}`).join('\n');
  text.dispatchEvent(new Event('input', { bubbles: true })); // as if it were typed
}

const stands = (held) => spells()[Number(held.id.split('-')[1])][held.id.split('-')[2]];

if (drawing) {
  drawing.addEventListener('pointerdown', (event) => {
    const held = event.target.closest('.grip');
    if (!held) return;
    event.preventDefault();
    held.focus();
    held.setPointerCapture(event.pointerId);
    drag = { held, x: event.clientX, was: stands(held) };
  });
  drawing.addEventListener('pointermove', (event) => {
    if (drag) put(drag.held, drag.was + (event.clientX - drag.x) / (scale * drawing.getScreenCTM().a));
  });
  for (const end of ['pointerup', 'pointercancel']) drawing.addEventListener(end, () => { drag = undefined; });
  drawing.addEventListener('keydown', (event) => {
    const held = event.target.closest('.grip');
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!held || !by) return;
    event.preventDefault();
    put(held, stands(held) + by * (event.shiftKey ? FINE : STEP));
  });
  text.addEventListener('input', draw);
  drawing.dataset.ready = 'yes';
}
