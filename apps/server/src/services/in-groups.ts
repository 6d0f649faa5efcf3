/** A long list in short ones, so that other calls are answered in between. */
export function* inGroups<T>(items: readonly T[], most: number): Generator<readonly T[]> {
  for (let from = 0; from < items.length; from += most) yield items.slice(from, from + most);
}
