import { Queue, badge } from './queue.js';

new Queue(document.body.dataset.token, badge(document.getElementById('waiting'))).send();
