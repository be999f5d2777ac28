// A question waits on the phone like a rep and goes when there is signal.
import { Queue, badge } from './queue.js';

const { token } = document.body.dataset;
const at = (id) => document.getElementById(id);
const queue = new Queue(token, badge(at('waiting')));
const DRAFT = `cahier.${token.slice(0, 8)}.question`;

at('words').value = localStorage.getItem(DRAFT) ?? '';
at('words').addEventListener('input', () => localStorage.setItem(DRAFT, at('words').value));
at('ask').addEventListener('click', async () => {
  const words = at('words').value.trim();
  at('nothing').hidden = words !== '';
  if (!words) return;
  await queue.add('question', { id: crypto.randomUUID(), words, at: new Date().toISOString() });
  localStorage.removeItem(DRAFT);
  at('words').value = '';
  await Promise.race([queue.send(), new Promise((go) => setTimeout(go, 2000))]);
  at('asked').textContent = await queue.says('Asked.');
});
queue.send();
document.body.dataset.ready = 'yes';
