import { Queue, badge } from './queue.js';
import { keepPages } from './offline.js';
import { showParked } from './parked.js';
import { isStopped } from './stopped.js';

const { token } = document.body.dataset;
const queue = new Queue(token, badge(document.getElementById('waiting')));
const parked = document.getElementById('parked');
if (parked) showParked(queue, parked);   // on Today; the other pages only send
else queue.send();
for (const part of document.querySelectorAll('section[data-track]')) {
  // A page from before, or one that was kept for places without signal, does not know it yet.
  const link = part.querySelector('h2 a');
  if (link && isStopped(token, part.dataset.track)) {
    const said = document.createElement('p');
    said.className = 'stop';
    said.textContent = 'No more of this today. Tomorrow again.';
    link.replaceWith(link.textContent);
    part.querySelector('.p').append(said);
    document.querySelectorAll(`a[href="${link.getAttribute('href')}"]`).forEach((other) => other.remove());
  }
}
keepPages(token, [...document.querySelectorAll('section[data-track] h2 a')].map((a) => a.getAttribute('href').split('#')[0]));
