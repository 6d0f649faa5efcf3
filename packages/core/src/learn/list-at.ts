/** The list under a key, begun where there is none. */
export function listAt<K, V>(lists: Map<K, V[]>, key: K): V[] {
  const known = lists.get(key);
  if (known) return known;
  const begun: V[] = [];
  lists.set(key, begun);
  return begun;
}
