// The pages' scripts as Node reads them: /app/... are the files that ship, /vendor/idb is a database in memory.
import { readFile } from 'node:fs/promises';
import { fileURLToPath } from 'node:url';

const STATIC = new URL('../../main/resources/static/', import.meta.url);
const IDB = new URL('fake-idb.mjs', import.meta.url).href;

export async function resolve(specifier, context, next) {
  if (specifier === '/vendor/idb/idb.js') return { url: IDB, shortCircuit: true };
  if (specifier.startsWith('/')) return { url: new URL(specifier.slice(1), STATIC).href, shortCircuit: true };
  return next(specifier, context);
}

export async function load(url, context, next) {
  if (!url.startsWith(STATIC.href)) return next(url, context);
  return { format: 'module', source: await readFile(fileURLToPath(url), 'utf8'), shortCircuit: true };
}
