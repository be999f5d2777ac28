import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { bySteps, led, moving, nextDistance } = await import('/app/distance.js');

test('what comes next after the answers at one distance, as in the core', () => {
  for (const { metres, answers, nextMetres, verdict } of cases('distance').next) {
    const next = nextDistance(metres, answers);
    assert.deepEqual([next.metres, next.verdict], [nextMetres, verdict], JSON.stringify({ metres, answers }));
  }
});

test('a distance moves with its answers, as in the core', () => {
  for (const { set, answers, ownStep, nearest, expect } of cases('measured').moving) {
    const { metres, since, last } = moving(set, answers.map((a) => ({ metres: set, answer: said(a) })), bySteps(ownStep), nearest);
    assert.deepEqual({ metres, since: since.length, last }, { metres: expect.metres, since: expect.since, last: expect.last }, JSON.stringify({ set, answers }));
  }
});

test('led by the estimate it moves as in the core', () => {
  for (const { set, nearest, steepness, before, looks, expect } of cases('distance').led) {
    const met = (list) => list.map(([metres, answer]) => ({ metres, answer: said(answer) }));
    const { metres, since, last } = moving(set, met(looks), led(steepness), nearest, met(before));
    assert.deepEqual({ metres, since: since.length, last }, expect, JSON.stringify({ set, looks }));
  }
});

test('on odd distances and any answers the phone and its own rule never come nearer than asked', () => {
  let seed = 7;
  const draw = (n) => { seed = (seed * 48271) % 2147483647; return seed % n; };
  for (let i = 0; i < 500; i++) {
    const answers = Array.from({ length: 60 }, () => said('uuuuppsr'[draw(8)]));
    const closer = i % 20 ? bySteps() : led({ median: 5, sd: 0.75 });
    const from = (set) => moving(set, answers.map((answer) => ({ metres: set, answer })), closer, 3).metres;
    assert.ok(from(1 + draw(400) / 10) >= 1);
    assert.ok(from(3 + draw(400) / 10) >= 3);
  }
});

function said(letter) {
  return { u: 'UNPROMPTED', p: 'PROMPTED', s: 'STARED', r: 'REACTED' }[letter];
}
