/** Fields of a thing, as a change of it holds them. */
export type Fields = Readonly<Record<string, unknown>>;

/** A field that two devices have changed, each in its way. */
export interface BothChanged {
  readonly field: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface MergedChanges {
  /** What follows from both, with theirs where both changed a field. */
  readonly merged: Fields;
  readonly both: readonly BothChanged[];
}

export type Choice = 'mine' | 'theirs';

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a ?? null) === JSON.stringify(b ?? null);
}

/** A count that was changed twice was changed by both. */
const COUNTED = 'quantity';

/**
 * Puts two changes of one thing together: each field as whoever changed it left it. A count takes both changes.
 * @param base the thing as both began with it
 */
export function mergedChanges(base: Fields, mine: Fields, theirs: Fields): MergedChanges {
  const merged: Record<string, unknown> = { ...theirs };
  const both: BothChanged[] = [];
  for (const field of new Set([...Object.keys(base), ...Object.keys(mine)])) {
    const [before, wanted, there] = [base[field], mine[field], theirs[field]];
    if (same(wanted, before) || same(wanted, there)) continue;
    if (same(there, before)) merged[field] = wanted;
    else if (field === COUNTED) merged[field] = Math.max(0, Number(there) + Number(wanted) - Number(before));
    else both.push({ field, mine: wanted, theirs: there });
  }
  return { merged: withoutEmpty(merged), both };
}

/** The change as the maker chose it. */
export function chosenChanges(
  { merged, both }: MergedChanges,
  chosen: Readonly<Record<string, Choice>>,
): Fields {
  const own = both.filter(({ field }) => chosen[field] === 'mine');
  return withoutEmpty({ ...merged, ...Object.fromEntries(own.map(({ field, mine }) => [field, mine])) });
}

/** A field that was emptied is left out. */
function withoutEmpty(fields: Fields): Fields {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
}
