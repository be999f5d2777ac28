import assert from 'node:assert/strict';
import { test } from 'node:test';
import './phone.mjs';
import { cases } from './vectors.mjs';

const { advice } = await import('/app/watching.js');
const RULE = { block: 15, enough: 10, least: 2, most: 10 };

for (const { name, moments, seconds, expect, expected = true } of cases('watching')) {
  test(`as in the core: ${name}`, () => {
    assert.equal(advice(RULE, moments.map(([second, seen]) => ({ second, seen })), seconds, expected), expect);
  });
}
