/** Component tests have no database in the browser: the same calls, kept in memory. */
type Kept = Map<string, unknown>;
const stores = new Map<string, Kept>();

/** Tabs of one browser have one store of each name. */
export function createStore(database: string, name: string): Kept {
  const key = `${database}/${name}`;
  const kept = stores.get(key) ?? new Map<string, unknown>();
  stores.set(key, kept);
  return kept;
}

const usual = createStore('keyval-store', 'keyval');

export async function get<T>(key: string, store: Kept = usual): Promise<T | undefined> {
  return store.get(key) as T | undefined;
}

export async function set(key: string, value: unknown, store: Kept = usual): Promise<void> {
  store.set(key, value);
}

export async function setMany(
  pairs: readonly (readonly [string, unknown])[],
  store: Kept = usual,
): Promise<void> {
  for (const [key, value] of pairs) store.set(key, value);
}

export async function del(key: string, store: Kept = usual): Promise<void> {
  store.delete(key);
}

export async function delMany(keys: readonly string[], store: Kept = usual): Promise<void> {
  for (const key of keys) store.delete(key);
}

export async function entries<K, V>(store: Kept = usual): Promise<[K, V][]> {
  return [...store.entries()] as [K, V][];
}

export async function update<T>(
  key: string,
  change: (kept: T | undefined) => T,
  store: Kept = usual,
): Promise<void> {
  store.set(key, change(store.get(key) as T | undefined));
}
