import { Queue, badge } from './queue.js';
import { keepPages } from './offline.js';

const { token } = document.body.dataset;
new Queue(token, badge(document.getElementById('waiting'))).send();
keepPages(token, [...document.querySelectorAll('a[href*="/practice/"], a.call, a.more-link')].map((a) => a.getAttribute('href')));
