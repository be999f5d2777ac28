import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { isBreak } = await import('/app/early.js');

test('a second look away is a break, as in the core', () => {
  for (const { seen, expect } of cases('signs')) assert.equal(isBreak(seen), expect, JSON.stringify(seen));
});
