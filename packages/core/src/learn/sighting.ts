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
}

/** A sighting in the lesson of its ring. */
export type Seen = Omit<Sighting, 'ringId'>;

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
