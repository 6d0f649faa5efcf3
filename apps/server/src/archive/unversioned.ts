/** A thing without its version, which means something in its own workshop only. */
export function unversioned<T extends { readonly version: number }>(thing: T): T {
  return { ...thing, version: 0 };
}
