/** What a step on the way from coin to ring is called, and how it is done. */
interface StepSaid {
  readonly title: string;
  readonly instruction: string;
}

/** What is said of the work on the piece before it is folded, and between the moves. */
export const ROUTE_WORDS = {
  punch: (holeMm: number) => ({
    title: `Punch the ${holeMm.toFixed(1)} mm hole`,
    instruction: 'Scribe crossing centre lines and line up, or let a self-centring punch find the middle.',
  }),
  deburr: {
    title: 'Deburr the hole',
    instruction: 'Both faces, smooth all round. Keep the filings with the slug.',
  },
  trim: {
    title: 'Trim the lip inside the rim edge',
    instruction: 'File or rotary tool, a little at a time.',
  },
  level: {
    title: 'Press it level',
    instruction: 'Between two flat plates, edges up and down, until it does not rock.',
  },
  'true-up-band': {
    title: 'True up the straight band',
    instruction: 'Both readings alike before the edges are turned in.',
  },
  'true-up': {
    title: 'True up',
    instruction:
      'Read both candidates. The larger edge down in a die, or the smaller up on the stretcher, a fraction at a time.',
  },
  read: {
    title: 'Read the finished ring',
    instruction: 'Both candidates round, then width and both edges with the calliper.',
  },
} as const;

/** What is said of the moves that fold a coin. */
export const FOLD_WORDS = {
  die: { title: 'Fold', instruction: 'Outside face down, greased. Press, look, turn.' },
  /** Of a mouth that the coin does not go into whole. */
  narrowMouth: (overMm: number) =>
    ` The coin is ${overMm.toFixed(1)} mm wider than the mouth: it turns over the corner first, lies level only if you press slowly, and comes out larger.`,
  ball: {
    title: 'Cup it',
    instruction: 'Ball in the dapping block, outside face down, greased. Press, look, turn.',
  },
  ballUse: (tool: string) => `${tool}, in the dapping block`,
} as const;

/** What is said of the moves that bring a funnel to a straight or leaning wall of its size. */
export const WALL_WORDS = {
  'rim-in': { title: 'Bring the rim edge in', instruction: 'Rim edge down into the die, level.' },
  stretch: {
    title: 'Stretch until the wall is straight',
    instruction: 'Cut edge towards the cone. Paper towel over the splines spares the detail.',
  },
  'open-small': { title: 'Open the cut edge, still tapered', instruction: 'Cut edge only; leave it small.' },
  cone: {
    title: 'Straighten on cone and lid',
    instruction:
      'Greased, cut edge down on the cone, rim edge fully on the lid. The next larger lid only when the rim no longer fits.',
  },
  'open-leaning': {
    title: 'Open the cut edge',
    instruction: 'Cut edge only; keep the lean of the wall.',
  },
  'stepped-leaning': {
    title: 'Stepped reduction under tape',
    instruction: 'Half of the tape over the rim edge, tucked in. Stop while the wall still leans.',
  },
  reduce: {
    title: 'Reduce from both edges',
    instruction: 'Rim edge down, a little; turn over; cut edge down, as far. Again.',
  },
  'open-for-pusher': {
    title: 'Open the cut edge',
    instruction: 'Only the cut edge, to the size of the last pusher.',
  },
  stepped: {
    title: 'Stepped reduction under tape',
    instruction:
      'Wrap with PTFE tape, half of it over the rim edge, tucked in. Seat with the next larger pusher; push slowly, level.',
  },
  'open-up': {
    title: 'Bring it up to size',
    instruction: 'A light pull on the stretcher, turn, again; the smaller edge takes most of it.',
  },
  'close-down': {
    title: 'Bring it down to size',
    instruction: 'The larger edge down in the die, a fraction at a time.',
  },
} as const satisfies Readonly<Record<string, StepSaid>>;

/** Of a step between pushers that the metal does not bear at once. */
export function pusherGapWords(pusher: string): string {
  return `From the last size to the ${pusher} is more than the metal bears in one push: it has to be done in two, annealed between, without a pusher that fits.`;
}

/** What is said of the moves that turn the edges in. */
export const CURL_WORDS = {
  die: (toDeg: number): StepSaid => ({
    title: `Turn both edges in to ${toDeg}°`,
    instruction: `Cut edge down in the ${toDeg}° die, turn over, rim edge down; as deep.`,
  }),
  block: (ball: string, leanDeg: number): StepSaid => ({
    title: 'Round it in the dapping block',
    instruction: `Cut edge down in the hollow of the ${ball}, turn over, rim edge down; until both edges lean ${leanDeg}°.`,
  }),
  blockUse: (ball: string) => `hollow of the ${ball}`,
  /** @param dieDeg of the die that it is pushed into; left out, a hollow */
  push: (edge: 'cut' | 'rim', depthMm: number, dieDeg?: number): StepSaid => ({
    title: `Turn the ${edge} edge in`,
    instruction: `${edge === 'cut' ? 'Cut' : 'Rim'} edge down in ${dieDeg === undefined ? 'the hollow' : `the ${dieDeg}° die`}, the other on a flat plate: ${depthMm.toFixed(1)} mm past the first touch.`,
  }),
} as const;

/** A name with its number where it is done more often than once: "Bring the rim edge in, 1 of 2". */
export function counted(name: string): (pass: number, count: number) => string {
  return (pass, count) => (count > 1 ? `${name}, ${pass} of ${count}` : name);
}

/** The same of strokes: "Fold, stroke 1 of 3". */
export function strokes(name: string): (stroke: number, count: number) => string {
  return (stroke, count) => (count > 1 ? `${name}, stroke ${stroke} of ${count}` : name);
}
