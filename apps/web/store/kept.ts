/** What this browser has kept under a name; another thing instead when there is none, or none that can be read. */
export function readKept<T>(name: string, instead: T): T {
  try {
    return JSON.parse(globalThis.localStorage?.getItem(name) ?? '') as T;
  } catch {
    return instead;
  }
}

export function keep(name: string, value: unknown): void {
  globalThis.localStorage?.setItem(name, JSON.stringify(value));
}
