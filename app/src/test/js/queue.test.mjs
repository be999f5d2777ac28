import assert from 'node:assert/strict';
import { beforeEach, mock, test } from 'node:test';
import { Server, online, pages } from './phone.mjs';

const { Queue, sitting } = await import('/app/queue.js');
const { forget, kept } = await import('/vendor/idb/idb.js');

let server;
let queue;
let told;

beforeEach(() => {
  mock.timers.reset();
  forget();
  server = new Server();
  told = [];
  queue = new Queue('secret', (count, problem) => told.push([count, problem]));
});

const tap = (...ids) => ids.reduce((before, id) => before.then(() => queue.add('rep', { id })), Promise.resolve());
const settled = () => queue.send();

test('what was tapped goes out in its order, together', async () => {
  server.is = 'offline';
  await tap('a', 'b', 'c');
  await settled();
  assert.deepEqual(told.at(-1), [3, 'Offline, saved here']);
  server.is = 'up';
  await online();
  assert.deepEqual(server.stored, ['a', 'b', 'c']);
  assert.deepEqual(server.calls.at(-1).body.reps.map((r) => r.id), ['a', 'b', 'c']);
  assert.deepEqual(kept(), []);
  assert.deepEqual(told.at(-1), [0, null]);
});

test('one that is refused is found by halves, parked, and everything else goes', async () => {
  server.is = 'offline';
  const ids = Array.from({ length: 64 }, (_, i) => `r${i}`);
  await tap(...ids);
  await settled();
  server.is = 'up';
  server.refuses.add('r41');
  const offline = server.calls.length;
  await settled();
  assert.deepEqual(server.stored, ids.filter((id) => id !== 'r41'));
  const parked = await queue.parked();
  assert.deepEqual(parked.map((p) => p.body.id), ['r41']);
  assert.match(parked[0].refused, /must be someone of this household/);
  assert.deepEqual(told.at(-1), [1, 'Not taken']);
  assert.ok(server.calls.length - offline <= 15, `asked ${server.calls.length - offline} times`);
  const before = server.calls.length;
  await tap('later');
  await settled();
  assert.equal(server.calls.length, before + 1, 'what is parked is not asked again');
  assert.ok(server.stored.includes('later'));
});

test('every one that is refused is parked on its own', async () => {
  server.is = 'offline';
  await tap('a', 'b', 'c', 'd', 'e');
  server.is = 'up';
  ['a', 'c', 'e'].forEach((id) => server.refuses.add(id));
  await settled();
  assert.deepEqual(server.stored.sort(), ['b', 'd']);
  assert.deepEqual((await queue.parked()).map((p) => p.body.id), ['a', 'c', 'e']);
});

test('what was parked is sent again when somebody says so, changed or as it is', async () => {
  server.refuses.add('a');
  await tap('a');
  await settled();
  const [parked] = await queue.parked();
  await queue.resend(parked);
  assert.equal((await queue.parked()).length, 1, 'refused once more');
  server.refuses.clear();
  await queue.resend((await queue.parked())[0], { id: 'a', person: null });
  assert.deepEqual(server.stored, ['a']);
  assert.deepEqual(kept(), []);
});

test('a server that is down or a link that was replaced keeps everything and is asked again', async () => {
  mock.timers.enable({ apis: ['setTimeout'] });
  for (const [is, says] of [['down', 'No answer. Kept here.'], ['replaced', 'This link has been replaced. Kept here.']]) {
    server.is = is;
    await tap(is);
    await settled();
    assert.deepEqual(told.at(-1)[1], says);
  }
  assert.equal(kept().length, 2);
  assert.equal(kept().filter((w) => w.refused).length, 0);
  const before = server.calls.length;
  mock.timers.tick(30_000);
  await settled();
  assert.ok(server.calls.length > before);
});

test('an alarm goes before everything that waits', async () => {
  server.is = 'offline';
  await tap('a', 'b');
  await queue.add('alarm', { id: 'alarm' });
  server.is = 'up';
  await settled();
  assert.equal(server.stored[0], 'alarm');
});

test('taking back what was parked takes both away', async () => {
  server.refuses.add('a');
  await tap('a');
  await settled();
  globalThis.fetch = async () => ({ ok: false, status: 404, headers: { get: () => 'application/json' }, json: async () => ({ error: 'no rep a' }) });
  await queue.add('undo', { id: 'a', at: '2026-06-18T18:30:00Z' });
  await settled();
  assert.deepEqual(kept(), []);
});

test('another household on the same phone is left alone', async () => {
  server.is = 'offline';
  await tap('mine');
  await settled();
  const other = new Queue('other', () => {});
  server.is = 'up';
  await other.send();
  assert.deepEqual(server.stored, []);
  assert.equal((await queue.mine()).length, 1);
});

test('a sitting survives a reload and a phone that keeps nothing', () => {
  sitting.save({ step: 7, taps: 3 });
  assert.deepEqual(sitting.load(7), { step: 7, taps: 3 });
  sitting.clear(7);
  assert.equal(sitting.load(7), null);
  const real = localStorage.setItem;
  localStorage.setItem = () => { throw new Error('full'); };
  assert.doesNotThrow(() => sitting.save({ step: 7 }));
  localStorage.setItem = real;
});

test('what is too much at once stays here and goes later', async () => {
  server.is = 429;
  await tap('a', 'b');
  await settled();
  await settled();
  assert.equal(kept().length, 2);
  assert.deepEqual(told.at(-1), [2, 'Too much at once. Kept here, it goes later.']);
  assert.deepEqual(await queue.parked(), []);
  server.is = 'up';
  await online();
  assert.deepEqual(server.stored, ['a', 'b']);
});

test('a link that was replaced loses its pages at once, and what was tapped on it goes with the new one', async () => {
  ['/o/secret', '/o/secret/practice/7', '/o/secretary', '/app/cahier.css'].forEach((path) => pages.add(`http://here${path}`));
  server.is = 'replaced';
  await tap('a', 'b');
  await settled();
  await settled();
  assert.deepEqual([...pages], ['http://here/o/secretary', 'http://here/app/cahier.css']);
  assert.equal(kept().length, 2);
  server.is = 'up';
  const fresh = new Queue('fresh', () => {});
  assert.deepEqual((await fresh.orphans()).map((w) => w.body.id), ['a', 'b']);
  await fresh.adopt(await fresh.orphans());
  assert.deepEqual(server.stored, ['a', 'b']);
  assert.match(server.calls.at(-1).path, /^\/o\/fresh\//);
  assert.deepEqual(kept(), []);
});

test('what nobody has asked for in a fortnight is thrown away', async () => {
  server.is = 'replaced';
  await tap('a');
  await settled();
  localStorage.setItem('cahier.gone', JSON.stringify({ secret: Date.now() - 15 * 24 * 60 * 60 * 1000 }));
  assert.deepEqual(await new Queue('fresh', () => {}).orphans(), []);
  assert.deepEqual(kept(), []);
});
