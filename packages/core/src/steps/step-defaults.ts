import type { Metal } from '../metal';
import type { StepKind } from './step-kind';
import type { BenchTraits } from './traits';
import type { StepWait } from './waits';

/** Words and times that belong to a kind of step (craft §§3, 4, 6, 8, 12). Minutes are defaults. */
interface StepDefaults {
  readonly handsOnMin: number;
  readonly waitMin: number;
  readonly lookFor: string;
  readonly caution?: string;
  readonly waits?: readonly StepWait[];
}

const PRESS =
  'Eye protection, hands clear; clamp the press down. Never strike hardened steel on hardened steel.';
const TORCH = 'Nothing that burns near the torch; ventilate; eye protection. Quench away from your face.';

const STEP_DEFAULTS: Readonly<Record<StepKind, StepDefaults>> = {
  cut: {
    handsOnMin: 6,
    waitMin: 0,
    lookFor:
      'Crossed lines meet in the middle of the punch before you strike. The slug goes to the scrap tin.',
    caution:
      'Secure the piece; edges are razors until deburred. Altering coins is restricted in some countries: check local law.',
  },
  deburr: {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'No burr catches a fingernail on either face: a burr is where a crack starts.',
    caution: 'The cut edge is a razor until this is done.',
  },
  anneal: {
    handsOnMin: 3,
    waitMin: 2,
    lookFor:
      'Marker strokes at four places; keep the flame moving; stop when the last is gone, or at the first dull red in dim light.',
    caution: TORCH,
    waits: [
      { what: 'Marker drying', shortSec: 60 },
      { what: 'Cooling', shortSec: 60, longSec: 120 },
    ],
  },
  fold: {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'Look at every stroke: is it level? Lifting on one side: take it out, level it, turn it, go on.',
    caution: PRESS,
  },
  flatten: {
    handsOnMin: 2,
    waitMin: 0,
    lookFor: 'It stands on the plate without rocking, either way up.',
    caution: PRESS,
  },
  straighten: {
    handsOnMin: 6,
    waitMin: 0,
    lookFor:
      'The rim edge sits fully on the lid. Stop with the ring in the upper, thinner part of the cone, or it cannot be released.',
    caution: PRESS,
  },
  stretch: {
    handsOnMin: 5,
    waitMin: 0,
    lookFor:
      'Pull, turn, pull; flip every two or three pulls. Sand the cut edge and look for cracks each time.',
    caution: 'Eye protection: a ring that splits flies.',
  },
  reduce: {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'Push it in square, a little, turn it over, the other edge as far. Note the hole and the face.',
    caution: PRESS,
  },
  stepped: {
    handsOnMin: 12,
    waitMin: 0,
    lookFor: 'Push slowly and level; stop at the size. If detail shows through the tape, use more turns.',
    caution: PRESS,
  },
  curl: {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'Both edges the same depth: turn the ring over after each push.',
    caution: PRESS,
  },
  trim: {
    handsOnMin: 6,
    waitMin: 0,
    lookFor: 'The lip inside the rim edge is gone and a fingertip slides over.',
    caution: 'Hold the ring in a clamp, not in the fingers; no gloves near a spindle.',
  },
  file: {
    handsOnMin: 8,
    waitMin: 0,
    lookFor: 'The crack is gone to its very end and the edge is smooth: sand it and look with a loupe.',
    caution: 'Filed edges are razors until deburred.',
  },
  'true-up': {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'Both ways round the mandrel within a quarter size of each other.',
  },
  read: { handsOnMin: 1, waitMin: 0, lookFor: 'Read the same mark both ways round.' },
  pickle: {
    handsOnMin: 2,
    waitMin: 10,
    lookFor: 'Even white metal. Then neutralise in bicarbonate, rinse, dry.',
    caution: 'Goggles and gloves; copper or plastic tongs only; add acid to water, never water to acid.',
    waits: [{ what: 'Pickle', bath: 'the pickle', shortSec: 300, longSec: 900 }],
  },
  sand: {
    handsOnMin: 12,
    waitMin: 0,
    lookFor:
      '320, 400, 600, 1000: never more than double the grit. Scratches of the last grit are gone before the next.',
  },
  patina: {
    handsOnMin: 5,
    waitMin: 8,
    lookFor: 'Hot water, not boiling. Grey-black takes seven to ten minutes; then wool back the high points.',
    caution: 'Ventilate. Liver of sulphur never meets acid: it gives hydrogen sulphide.',
    waits: [{ what: 'Grey-black patina', bath: 'the liver of sulphur', shortSec: 420, longSec: 600 }],
  },
  polish: {
    handsOnMin: 10,
    waitMin: 0,
    lookFor: 'Bright high points, the legend still crisp.',
    caution: 'Eye protection, hair tied, no gloves near a spindle.',
  },
  plate: {
    handsOnMin: 8,
    waitMin: 0,
    lookFor: 'It takes evenly from the first strokes: where it does not, the metal is not clean.',
    caution:
      'Ventilate, gloves, goggles. Plating solutions are poisonous, some hold cyanide: trained use, by their sheet and local law.',
  },
  saw: {
    handsOnMin: 5,
    waitMin: 0,
    lookFor: 'Both marks are on the metal before the first stroke; the cut is square to the length.',
    caution: 'Secure the piece; cut edges are razors until deburred.',
  },
  bend: {
    handsOnMin: 6,
    waitMin: 0,
    lookFor:
      'Little and often, turned over each time; nylon outside spares the pattern; both edges stay level.',
    caution: 'Keep fingers clear of the jaws; a piece that slips flies.',
  },
  close: {
    handsOnMin: 4,
    waitMin: 0,
    lookFor: 'The ends meet all across, with no light between them, and neither stands proud.',
  },
  solder: {
    handsOnMin: 6,
    waitMin: 2,
    lookFor:
      'Clean, fluxed, no gap; both sides hot together; the solder flashes along the joint and the flame is off.',
    caution:
      'Ventilate; nothing that burns near the torch; eye protection. Never use solder that holds cadmium, nor heat plated or unknown metal.',
    waits: [{ what: 'Cooling', shortSec: 60, longSec: 120 }],
  },
  roll: {
    handsOnMin: 2,
    waitMin: 0,
    lookFor: 'Straight in, the same side up; close the rolls a little each time and measure.',
    caution: 'No gloves, sleeves or hair near the rolls.',
  },
  assemble: {
    handsOnMin: 8,
    waitMin: 0,
    lookFor: 'It turns freely and does not come off: a sheet of paper’s room all round.',
    caution: 'Hands clear of the press.',
  },
};

/** Words and times of a kind of step. @param traits whose minutes are taken, where the log knows them */
export function stepDefaults(kind: StepKind, traits?: BenchTraits): StepDefaults {
  const defaults = STEP_DEFAULTS[kind];
  const handsOnMin = traits?.handsOnMin[kind];
  return handsOnMin === undefined ? defaults : { ...defaults, handsOnMin };
}

/** Hands-on minutes of a kind of step before any was timed. */
export function defaultMinutes(kind: StepKind): number {
  return STEP_DEFAULTS[kind].handsOnMin;
}

/** What an anneal step says: soften at the metal's own heat, where the table knows it. */
export function annealWords(annealC: Metal['annealC']): {
  readonly title: string;
  readonly instruction: string;
} {
  const range = annealC ? `${annealC[0]}–${annealC[1]} °C` : 'the heat its metal asks for';
  return { title: 'Anneal', instruction: `Soften at ${range}. Quench in water, tools too.` };
}
