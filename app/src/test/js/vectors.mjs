// The worked cases of the core, for the rules that a phone must know without signal.
import { readFileSync } from 'node:fs';

export const cases = (name) => JSON.parse(readFileSync(new URL(`../../../../core/src/test/resources/vectors/${name}.json`, import.meta.url), 'utf8'));
