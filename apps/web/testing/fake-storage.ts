/** The browser's store, kept in memory: component tests run without a browser. Emptied before each test. */
export function withBrowserStorage(): Map<string, string> {
  const kept = new Map<string, string>();
  beforeAll(() => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      value: {
        getItem: (name: string) => kept.get(name) ?? null,
        setItem: (name: string, text: string) => void kept.set(name, text),
        removeItem: (name: string) => void kept.delete(name),
      },
    });
  });
  afterAll(() => Reflect.deleteProperty(globalThis, 'localStorage'));
  beforeEach(() => kept.clear());
  return kept;
}
