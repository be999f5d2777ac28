// As much of the phone's database as the queue asks of it; rows are copies, as they are there.
const rows = new Map();
let last = 0;

/** Everything that is kept, whoever kept it. */
export const kept = () => [...rows.values()].map((row) => structuredClone(row));
export const forget = () => rows.clear();

const base = {
  objectStoreNames: { contains: () => false },
  createObjectStore() {},
  async add(store, value) {
    last += 1;
    rows.set(last, { ...structuredClone(value), n: last });
    return last;
  },
  async put(store, value) { rows.set(value.n, structuredClone(value)); },
  async getAll() { return kept(); },
  transaction: () => ({ store: { delete: async (n) => { rows.delete(n); } }, done: Promise.resolve() }),
};

export async function openDB(name, version, { upgrade }) {
  upgrade(base);
  return base;
}
