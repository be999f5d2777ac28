import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { moving, nextDistance } = await import('/app/distance.js');

test('what comes next after the answers at one distance, as in the core', () => {
  for (const { metres, answers, nextMetres, verdict } of cases('distance').next) {
    const next = nextDistance(metres, answers);
    assert.deepEqual([next.metres, next.verdict], [nextMetres, verdict], JSON.stringify({ metres, answers }));
  }
});

test('a distance moves with its answers, as in the core', () => {
  for (const { set, answers, ownStep, nearest, expect } of cases('measured').moving) {
    const { metres, since, last } = moving(set, answers.map(said), ownStep, nearest);
    assert.deepEqual({ metres, since: since.length, last }, { metres: expect.metres, since: expect.since, last: expect.last }, JSON.stringify({ set, answers }));
  }
});

test('on odd distances and any answers the phone and its own rule never come nearer than asked', () => {
  let seed = 7;
  const draw = (n) => { seed = (seed * 48271) % 2147483647; return seed % n; };
  for (let i = 0; i < 500; i++) {
    const answers = Array.from({ length: 60 }, () => said('uuuuppsr'[draw(8)]));
    assert.ok(moving(1 + draw(400) / 10, answers, null, 3).metres >= 1);
    assert.ok(moving(3 + draw(400) / 10, answers, null, 3).metres >= 3);
  }
});

function said(letter) {
  return { u: 'UNPROMPTED', p: 'PROMPTED', s: 'STARED', r: 'REACTED' }[letter];
}
