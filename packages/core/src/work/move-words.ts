import { percentWords } from '../format';

const mm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;
const fineMm = (lengthMm: number) => `${lengthMm.toFixed(2)} mm`;
const wholeMm = (lengthMm: number) => `${lengthMm.toFixed(0)} mm`;

/** Of a thing that is done more often than once: "in one pass", "pass 2 of 3". */
const passWords = (pass: number, count: number) => (count === 1 ? 'in one pass' : `pass ${pass} of ${count}`);

/** What is said of the moves that join a band, and of those that every band has. */
export const JOINT_WORDS = {
  narrow: (widthMm: number) => ({
    title: `Narrow it to ${mm(widthMm)}`,
    instruction: 'Scribe the width along both edges; saw, then file down to the lines, alike on both.',
    lookFor: 'The calliper says the same width all along.',
  }),
  saw: (part: string, lengthMm: number) => ({
    title: `Saw ${part} to ${mm(lengthMm)}`,
    instruction: 'Scribe both marks with a square; saw outside the line, file to it.',
  }),
  bend: (part: string) => ({
    title: `Bend ${part} round`,
    instruction: 'Ends first, then the middle, until the ends pass each other and spring back to touch.',
  }),
  close: {
    title: 'Close the joint',
    instruction:
      'File or saw through both ends at once; no light shows between them. It need not be round yet.',
  },
  solder: {
    title: 'Solder the joint',
    instruction: 'Hard solder under the joint; heat the whole band first, the joint last. Then quench.',
  },
  pickle: {
    title: 'Pickle off flux and scale',
    instruction: 'Warm citric acid or sodium bisulphate, five to fifteen minutes.',
  },
  'file-seam': {
    title: 'File the seam flush',
    instruction: 'Inside with a half-round file, outside flat; not below the band.',
    lookFor: 'The seam cannot be felt, inside or out.',
  },
  'true-up': {
    title: 'True it on the mandrel',
    instruction:
      'Rawhide or nylon hammer, turning it end for end; stop when it lies against the mandrel all round.',
  },
} as const;

/** What is said of the moves that are done to a part while it is flat. */
export const FLAT_WORDS = {
  borders: {
    verb: 'Stamp',
    title: 'Stamp the borders',
    instruction:
      'Flat on a steel block, along both edges: a stop keeps the stamps in line, even blows. It curves under them: press it level again. Stamping hardens it.',
    lookFor: 'Every stamp is as deep as the last, and both borders run alike.',
    caution: 'Eye protection: stamps are hard and splinter. Hold them low and strike square.',
  },
  marks: {
    verb: 'Mark',
    title: 'Strike the marks',
    instruction:
      'On the side that will lie to the finger, away from the joint: one blow each. Where the law has what is sold as silver or gold marked by an assay office, it is sent there instead.',
    lookFor: 'The marks are whole and can be read; nothing shows through on the other side.',
    caution: 'Eye protection. What may be marked, and by whom, the law of your country says.',
  },
  harden: {
    verb: 'Harden',
    title: 'Hammer the sides hard',
    instruction:
      'Polished hammer on a flat block, light even blows all over both sides; the coin is spared. They spring more then, and keep their shape when worn.',
    lookFor: 'Pressed with a thumb, a side springs back straight.',
  },
} as const;

/** What is said of the moves on the way from strip or wire to a band. */
export const STRIP_WORDS = {
  name: 'the strip',
  'cut-off': (usesMm: number, restMm: number) => ({
    title: `Cut ${mm(usesMm)} of it off first`,
    instruction: `Only that is rolled; the other ${wholeMm(restMm)} go back into stock as they are.`,
    lookFor: 'The cut is square, so that the end goes straight between the rolls.',
  }),
  roll: (
    { thicknessMm, overallWidthMm, lengthMm, reduction }: RolledTo,
    pass: { readonly pass: number; readonly count: number },
  ) => ({
    title: `Roll to ${fineMm(thicknessMm)}, pass ${pass.pass} of ${pass.count}`,
    instruction: `${percentWords(reduction)} off; it comes out ${mm(overallWidthMm)} wide and ${wholeMm(lengthMm)} long.`,
  }),
  texture: {
    title: 'Hammer the texture on the mandrel',
    instruction: 'Even blows all round; read often: it grows half a size. Turn it end for end.',
  },
} as const;

/** What a pass between the rolls leaves. */
interface RolledTo {
  readonly thicknessMm: number;
  readonly overallWidthMm: number;
  readonly lengthMm: number;
  readonly reduction: number;
}

/** What is said of the moves that put a coin into an open band. */
export const COIN_BAND_WORDS = {
  saw: (lengthMm: number, strip: { readonly widthMm: number; readonly thicknessMm: number }) => ({
    title: `Saw two sides of ${mm(lengthMm)}`,
    instruction: `Strip ${strip.widthMm.toFixed(1)} × ${fineMm(strip.thicknessMm)}, both alike; the printed template shows them.`,
  }),
  /** @param punchMm of the punch that is near the coin's size; left out, there is none */
  cope: (punchMm?: number) => ({
    title: 'Cope the inner ends',
    instruction: `${
      punchMm === undefined
        ? 'Cope one end of each with a half-round file.'
        : `Cope one end of each with the ${mm(punchMm)} punch.`
    } The coin lies in without a gap.`,
    lookFor: 'No light between coin and cope, all round the arc.',
    ...(punchMm === undefined ? {} : { tool: `${mm(punchMm)} punch` }),
  }),
  corners: {
    title: 'Round the free corners',
    instruction: 'The outer ends stay free: round them well, they touch the finger.',
    lookFor: 'No corner catches a cloth.',
  },
  solder: {
    title: 'Solder both sides to the coin',
    instruction: 'Face down on a flat block, flux, hard solder; both metals hot together.',
  },
  form: {
    title: 'Form it on the mandrel',
    instruction:
      'Nylon hammer, coin outside and spared; sides first, the coin last and gently. The ends must not overlap.',
  },
} as const;

/** What is said of the moves that make a spinner of two bands. */
export const SPINNER_WORDS = {
  outer: 'the outer band',
  inner: 'the inner band',
  'true-outer': (insideMm: number) => ({
    title: 'True the outer band',
    instruction: `Round, and ${fineMm(insideMm)} inside. Flatten both its edges on emery now: assembled, they cannot be reached.`,
  }),
  'true-inner': {
    title: 'True the inner band and flatten its edges',
    instruction: 'Round on the mandrel; both edges flat on emery; polish what the outer band will hide.',
  },
  'flare-first': {
    title: 'Flare the first edge',
    instruction:
      'A little at a time in the dapping block, to half the flare; slip the outer band on, and flare the other edge as far.',
  },
  'flare-both': (diameterMm: number) => ({
    title: `Flare both edges to ${mm(diameterMm)}`,
    instruction: 'Turn it over after every blow. Stop as soon as the outer band cannot come off.',
  }),
} as const;

const COVERS = { none: '', cloth: ' under worn cloth', leather: ' under thin leather' } as const;

/** What is said of the moves that make a finished band another size. */
export const RESIZE_WORDS = {
  read: {
    title: 'Read the band as it is',
    instruction:
      'Mark one edge with a pen; read both ways round, and look for a seam, cracks and worn places.',
  },
  stretch: (pass: number, count: number, pulls: number) => ({
    title: `Stretch, ${passWords(pass, count)}`,
    instruction: `About ${pulls} pulls of a quarter size, turned over every two or three. Stop a quarter short and read.`,
  }),
  hammer: (pass: number, count: number) => ({
    title: `Stretch, ${passWords(pass, count)}`,
    instruction: 'Light blows, read and turned over after each. It cannot go back: stop a quarter short.',
  }),
  /** @param hole of the plate that fits; left out, none does */
  reduce: (
    [pass, count]: readonly [number, number],
    band: { readonly cover: keyof typeof COVERS; readonly isFlat: boolean },
    holeMm?: number,
  ) => ({
    title: `Reduce${COVERS[band.cover]}, ${passWords(pass, count)}`,
    instruction: `${holeMm === undefined ? '' : `The ${fineMm(holeMm)} hole; the band just proud of it. `}A little from one edge, turn it over, as far from the other.${band.isFlat ? ' Flat edges go slightly hollow: true them at the end.' : ''}`,
    ...(holeMm === undefined ? {} : { tool: `${fineMm(holeMm)} hole of the reducing plate` }),
  }),
} as const;

/** What is said of the moves that bend a handle. */
export const BEND_WORDS = {
  former: (formerMm: number) => `${mm(formerMm)} former`,
  file: { lookFor: 'No burr catches a fingernail.' },
  hook: (isThick: boolean) => ({
    title: 'Hook both ends',
    instruction: `${isThick ? 'Begin in a broad former. ' : ''}A finger’s breadth at each end first: they cannot be reached later.`,
  }),
  round: (go: number, goes: number, how: string) => ({
    title: goes === 1 ? 'Bend the middle round' : `Bend the middle round, ${go} of ${goes}`,
    instruction: how,
  }),
  lastGo: (former: string, releasedMm: number, touch: string) =>
    `Little and often on the ${former}, turned over each time. Let go, it opens to about ${mm(releasedMm)}${touch}.`,
  earlierGo: (toMm: number) =>
    `Little and often on a broad former, turned over each time, to about ${wholeMm(toMm)}. Then the flame.`,
} as const;

/** What is said of the moves that make lapped ends meet. */
export const BUTT_WORDS = {
  closed: {
    title: 'Close the joint',
    instruction:
      'Tap both ends together on the mandrel, nylon on the pattern; file again until no light shows.',
  },
  'saw-off': (overMm: number) => ({
    title: `Saw off ${mm(overMm)} of the end outside`,
    instruction: 'Scribe where the inner end lies against it, square across; open it a little to reach.',
    lookFor: 'The cut is square, and the ends come together when it is pressed.',
    caution: 'Secure the ring; cut edges are razors until deburred.',
  }),
  'file-to-meet': {
    title: 'File both ends to meet',
    instruction: 'One stroke through both at once makes them fit; then break every sharp edge.',
    lookFor: 'They meet all across, no burr catches a fingernail.',
  },
  'saw-shorter': (buttMm: number, lessMm: number) => ({
    title: `Saw to ${mm(buttMm)}`,
    instruction: `${mm(buttMm)} from the kept end of the ring, ${mm(lessMm)} less than for the lapped ends: they are to meet.`,
  }),
} as const;

const TAP_UP = 'A few taps on the mandrel, turned end for end; read often.';

/** What is said of the moves that bring a band back to its size. @param amount in the maker's system: "½ size" */
export const CORRECTION_WORDS = {
  open: (amount: string) => ({ title: `Open it ${amount} on the mandrel`, instruction: TAP_UP }),
  stretch: (amount: string) => ({
    title: `Stretch it ${amount}`,
    instruction: 'Little, turn it over, read. Stop a quarter short.',
  }),
  hammer: (amount: string) => ({ title: `Hammer it up ${amount}`, instruction: TAP_UP }),
  tighten: (amount: string) => ({
    title: `Bend it ${amount} tighter`,
    instruction: 'Little and often, turned over each time.',
  }),
  reduce: (amount: string) => ({
    title: `Reduce it ${amount}`,
    instruction: 'A little from one edge, turn it over, as far from the other.',
  }),
  noFormer: 'the next smaller former',
  why: (amount: string, isLarge: boolean, deed: string) =>
    `${amount} too ${isLarge ? 'large' : 'small'}: ${deed.toLowerCase()} before the rest.`,
} as const;
