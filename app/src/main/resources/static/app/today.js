import { Queue, badge } from './queue.js';
import { keepPages } from './offline.js';

const { token } = document.body.dataset;
new Queue(token, badge(document.getElementById('waiting'))).send();
keepPages(token, [...document.querySelectorAll('a[href*="/practice/"]')].map((a) => a.getAttribute('href')));
