interface Wound {
  readonly outsideMm: number;
  /** Width of the band, mm. */
  readonly widthMm: number;
  /** How often it goes round; 1 for a closed ring. */
  readonly turns: number;
  /** Climb of one turn, mm. */
  readonly pitchMm: number;
}

type Corner = readonly [x: number, y: number];

/** A ring seen across the finger: what lies in front, and what lies behind, mm; y along the finger. */
export interface ElevationShape {
  readonly front: readonly (readonly Corner[])[];
  readonly back: readonly (readonly Corner[])[];
  readonly acrossMm: number;
  readonly tallMm: number;
}

const SLICES = 24;
const HALF_TURN = 0.5;

/** Each half turn climbs by half the pitch; seen from the side it goes across as a sine does. */
export function elevationShape({ outsideMm, widthMm, turns, pitchMm }: Wound): ElevationShape {
  const radius = outsideMm / 2;
  const halves = Math.ceil(turns / HALF_TURN);
  const band = (from: number, to: number): readonly Corner[] => {
    const places = Array.from({ length: SLICES + 1 }, (_, i) => from + ((to - from) * i) / SLICES);
    const at = (turn: number, lift: number): Corner => [
      // Starting at the left side, the front half runs to the right, the back half comes home.
      -radius * Math.cos(2 * Math.PI * turn),
      pitchMm * turn + lift,
    ];
    return [...places.map((turn) => at(turn, 0)), ...[...places].reverse().map((turn) => at(turn, widthMm))];
  };
  const parts = Array.from({ length: halves }, (_, i) =>
    band(i * HALF_TURN, Math.min(turns, (i + 1) * HALF_TURN)),
  );
  return {
    front: parts.filter((_, i) => i % 2 === 0),
    back: parts.filter((_, i) => i % 2 === 1),
    acrossMm: outsideMm,
    tallMm: widthMm + pitchMm * turns,
  };
}
