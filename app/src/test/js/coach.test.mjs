import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { Coach } = await import('/app/coach.js');

// Three rows: going, one miss (the next rep is an easier one), stop. Columns: clean, helped, missed, too much.
const TABLE = { advice: 'GAS', easy: '010', next: '0,0,1,2,0,0,2,2,2,2,2,2', dose: '4', minutes: '5', short: '2' };
const START = Date.parse('2026-06-18T18:30:00Z');
const reps = (letters) => [...letters].map((letter, i) => ({
  outcome: { c: 'CLEAN', h: 'HELPED', m: 'MISSED', t: 'TOO_MUCH' }[letter], at: new Date(START + i * 1000).toISOString(),
}));
const after = (letters, seconds = 10) => new Coach(TABLE).after(reps(letters), START + seconds * 1000);

test('walks the table row by row', () => {
  assert.deepEqual(after(''), { says: 'G', easy: false });
  assert.deepEqual(after('cm'), { says: 'A', easy: true });
  assert.deepEqual(after('cmc'), { says: 'G', easy: false });
  assert.deepEqual(after('mm'), { says: 'S', easy: false });
});

test('ends when the dose or the minutes are used up, but never says end for stop', () => {
  assert.equal(after('cccc').says, 'E');
  assert.equal(after('cc', 299).says, 'G');
  assert.equal(after('cc', 300).says, 'E');
  assert.equal(after('ccct').says, 'S');
  assert.equal(after('', 3000).says, 'G', 'nothing has begun yet');
});

test('the minutes count from the first rep', () => {
  assert.equal(new Coach(TABLE).leftMs([], START), 300_000);
  assert.equal(new Coach(TABLE).leftMs(reps('c'), START + 60_000), 240_000);
});

test('a session ends with the rep that the core says', () => {
  for (const { role, outcome, untilClean, expect } of cases('ends')) {
    assert.equal(new Coach(TABLE).ends(role, outcome, untilClean), expect, JSON.stringify({ role, outcome, untilClean }));
  }
});

test('the next rep has the role that the core gives it', () => {
  for (const { says, easy, doseReps, probesLeft, beginsEasier, expect } of cases('roles')) {
    const coach = new Coach({ ...TABLE, dose: String(doseReps) });
    assert.equal(coach.role(says === 'EASE' ? 'A' : says[0], easy, probesLeft, beginsEasier ?? false), expect, JSON.stringify({ says, easy, doseReps, probesLeft, beginsEasier }));
  }
});
