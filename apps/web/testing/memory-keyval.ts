/** Component tests have no database in the browser: the same calls, kept in memory. */
const kept = new Map<string, unknown>();

export async function get<T>(key: string): Promise<T | undefined> {
  return kept.get(key) as T | undefined;
}

export async function set(key: string, value: unknown): Promise<void> {
  kept.set(key, value);
}
