/** One thing that was seen, made linear: how far off the default it was, and what a change of the value would do to it. */
export interface Sighting {
  readonly ringId: string;
  /** Seen less what the default predicted. */
  readonly off: number;
  /** What one unit of the value adds to what is predicted. */
  readonly slope: number;
  /** Standard deviation of a single sighting. */
  readonly sigma: number;
  /** What one unit of `off` means for the ring's size, mm; left out, errors are told in the sighting's own unit. */
  readonly sizeMm?: number | undefined;
  /** How much it still counts, from 1 down: what was seen long ago says less of a bench that changes. */
  readonly weight?: number | undefined;
}

/** A sighting in the lesson of its ring. */
export type Seen = Omit<Sighting, 'ringId' | 'weight'>;

/** Rings of a series after which a sighting counts e times less: tools wear, hands and metal stay as they are for longer. */
export const COUNTS_FOR = { tool: 10, bench: 40 } as const;

/** What counts for less than this is left out. */
const LEAST_WEIGHT = 1e-3;

/**
 * The latest sightings, each the less the more rings of the series came after its own: exponential discounting, as a local
 * level that drifts would have it (West and Harrison 1997, 2.4). A tool that has changed is followed within ten rings.
 * @param sightings oldest ring first, those of a ring together
 */
export function discounted<T extends Sighting>(
  sightings: readonly T[],
  of: keyof typeof COUNTS_FOR,
): readonly T[] {
  const newestFirst: T[] = [];
  let age = -1;
  let ringId: string | undefined;
  for (let place = sightings.length - 1; place >= 0; place--) {
    const one = sightings[place] as T;
    if (one.ringId !== ringId) age += 1;
    ringId = one.ringId;
    const weight = Math.exp(-age / COUNTS_FOR[of]);
    if (weight < LEAST_WEIGHT) break;
    newestFirst.push({ ...one, weight });
  }
  return newestFirst.reverse();
}

/** Further from the default than this many deviations of benches and of sightings together, it is no bench's doing. */
const WILD = 6;

/**
 * Whether a sighting can come from a bench at all: a slip of the pen, a unit taken for another or a ring that is not
 * this one lies further off than benches differ and readings scatter, and teaches nothing.
 */
export function isPlausible({ off, slope, sigma }: Sighting, pullSigma: number): boolean {
  // Squares, since hypot takes many times as long and there are tens of thousands of sightings.
  return off ** 2 <= WILD ** 2 * (sigma ** 2 + (slope * pullSigma) ** 2);
}
