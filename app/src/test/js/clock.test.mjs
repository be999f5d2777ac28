import assert from 'node:assert/strict';
import { beforeEach, mock, test } from 'node:test';
import { at, page } from './phone.mjs';

const { RepClock } = await import('/app/clock.js');

let now;

beforeEach(() => {
  mock.timers.reset();
  mock.timers.enable({ apis: ['setInterval', 'setTimeout'] });
  page('start', 'less', 'more', 'held', 'reached', 'sound', 'buzz', 'beat');
  now = 0;
  performance.now = () => now;
});

const pass = (seconds) => {
  now += seconds * 1000;
  mock.timers.tick(seconds * 1000);
};

test('takes the seconds of a rep and begins anew', () => {
  const clock = new RepClock(true, 0, [], 'k');
  at('start').click();
  pass(12.34);
  assert.equal(at('held').textContent, 12);
  assert.equal(clock.take(), 12.3);
  assert.equal(at('held').textContent, 0);
  assert.equal(clock.take(), null, 'nobody took the time');
});

test('is put right a second at a time, never below nothing', () => {
  const clock = new RepClock(true, 0, [], 'k');
  at('start').click();
  pass(2.5);
  at('start').click();
  at('less').click();
  assert.equal(clock.seconds, 2);
  at('less').click();
  at('less').click();
  at('less').click();
  assert.equal(clock.seconds, 0);
  at('more').click();
  assert.equal(clock.take(), 1);
});

test('says when it was long enough, once', () => {
  new RepClock(true, 10, [], 'k');
  at('start').click();
  pass(9);
  assert.equal(at('reached').textContent, '');
  pass(1);
  assert.equal(at('reached').textContent, 'Long enough.');
});

test('a clock that was forgotten holds up nothing, and one that is not measured says nothing', () => {
  const forgotten = new RepClock(true, 0, [], 'k');
  at('start').click();
  pass(20_000);
  assert.equal(forgotten.take(), 14_400);
  const unmeasured = new RepClock(false, 0, [], 'k');
  at('start').click();
  pass(5);
  assert.equal(unmeasured.take(), null);
});

test('minutes are written as minutes', () => {
  new RepClock(true, 0, [], 'k');
  at('start').click();
  pass(75);
  assert.equal(at('held').textContent, '1:15');
});
