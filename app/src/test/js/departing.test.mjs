import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { afterUpset } = await import('/app/departing.js');

test('after an upset it ends or goes on easier, as in the core', () => {
  for (const { left, upsetAfter, upsets, atQuiet, expect } of cases('departing')) {
    assert.deepEqual(afterUpset(left, upsetAfter, upsets, atQuiet), expect, JSON.stringify({ left, upsetAfter, upsets, atQuiet }));
  }
});
