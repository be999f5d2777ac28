import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { caughtUp, dropped, late, left, moved, resized } = await import('/app/hour-rule.js');

const hour = ({ blocks, at }) => ({ blocks: blocks.map(([title, minutes, kind]) => ({ title, minutes, track: kind === 't' ? 1 : null, own: kind === 'o' })), at });

test('late is said with what gives way, as in the core', () => {
  for (const given of cases('hour').late) {
    const { left: minutesLeft, ...expect } = given.expect;
    assert.equal(left(hour(given), given.elapsed), minutesLeft);
    assert.deepEqual(late(hour(given), given.elapsed), expect);
  }
});

test('own practice gives and takes, as in the core', () => {
  for (const given of cases('hour').moves) {
    const h = hour(given);
    const after = given.resize ? resized(h, ...given.resize, 'own') : given.move ? moved(h, ...given.move) : given.drop !== undefined ? dropped(h, given.drop, 'own') : caughtUp(h, given.caughtUp, 'own');
    assert.deepEqual({ minutes: after.blocks.map((b) => b.minutes), at: after.at }, given.expect, JSON.stringify(given));
  }
});
