/** Fields whose names have changed since: what is now called so, where it is what it was then. */
const RENAMED: Readonly<Record<string, { readonly name: string; readonly is: (value: unknown) => boolean }>> =
  {
    /** Of a step: how far it brings the piece. */
    stand: {
      name: 'pieceState',
      is: (value) => typeof value === 'object' && value !== null && 'stage' in value,
    },
    /** Of a ring: the moves that its route was made of. */
    way: { name: 'moves', is: Array.isArray },
  };

/**
 * Data that an earlier version wrote – an exported file, events that wait in a browser – under the names of today.
 * @param json anything that JSON can hold; what needs no change stays as it is
 */
export function withTodaysNames(json: unknown): unknown {
  if (Array.isArray(json)) return json.map(withTodaysNames);
  if (typeof json !== 'object' || json === null) return json;
  return Object.fromEntries(
    Object.entries(json).map(([key, value]) => {
      const renamed = Object.hasOwn(RENAMED, key) ? RENAMED[key] : undefined;
      return [renamed?.is(value) ? renamed.name : key, withTodaysNames(value)];
    }),
  );
}
