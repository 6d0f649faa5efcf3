import type { Metal } from '../metal';
import type { StepKind } from './step-kind';

const PRESS =
  'Eye protection, hands clear; clamp the press down. Never strike hardened steel on hardened steel.';
const TORCH = 'Nothing that burns near the torch; ventilate; eye protection. Quench away from your face.';

interface StepWords {
  readonly lookFor: string;
  readonly caution?: string;
}

/** What to look for at a kind of step, and where it can hurt (craft §§3, 4, 6, 8, 12). */
export const STEP_WORDS: Readonly<Record<StepKind, StepWords>> = {
  cut: {
    lookFor:
      'Crossed lines meet in the middle of the punch before you strike. The slug goes to the scrap tin.',
    caution:
      'Secure the piece; edges are razors until deburred. Altering coins is restricted in some countries: check local law.',
  },
  deburr: {
    lookFor: 'No burr catches a fingernail on either face: a burr is where a crack starts.',
    caution: 'The cut edge is a razor until this is done.',
  },
  anneal: {
    lookFor:
      'Marker strokes at four places; keep the flame moving; stop when the last is gone, or at the first dull red in dim light.',
    caution: TORCH,
  },
  fold: {
    lookFor: 'Look at every stroke: is it level? Lifting on one side: take it out, level it, turn it, go on.',
    caution: PRESS,
  },
  flatten: {
    lookFor: 'It stands on the plate without rocking, either way up.',
    caution: PRESS,
  },
  straighten: {
    lookFor:
      'The rim edge sits fully on the lid. Stop with the ring in the upper, thinner part of the cone, or it cannot be released.',
    caution: PRESS,
  },
  stretch: {
    lookFor:
      'Pull, turn, pull; flip every two or three pulls. Sand the cut edge and look for cracks each time.',
    caution: 'Eye protection: a ring that splits flies.',
  },
  reduce: {
    lookFor: 'Push it in square, a little, turn it over, the other edge as far. Note the hole and the face.',
    caution: PRESS,
  },
  stepped: {
    lookFor: 'Push slowly and level; stop at the size. If detail shows through the tape, use more turns.',
    caution: PRESS,
  },
  curl: {
    lookFor: 'Both edges the same depth: turn the ring over after each push.',
    caution: PRESS,
  },
  trim: {
    lookFor: 'The lip inside the rim edge is gone and a fingertip slides over.',
    caution: 'Hold the ring in a clamp, not in the fingers; no gloves near a spindle.',
  },
  file: {
    lookFor: 'The crack is gone to its very end and the edge is smooth: sand it and look with a loupe.',
    caution: 'Filed edges are razors until deburred.',
  },
  'true-up': {
    lookFor: 'Both ways round the mandrel within a quarter size of each other.',
  },
  read: {
    lookFor: 'Read the same mark both ways round.',
  },
  pickle: {
    lookFor: 'Even white metal. Then neutralise in bicarbonate, rinse, dry.',
    caution: 'Goggles and gloves; copper or plastic tongs only; add acid to water, never water to acid.',
  },
  sand: {
    lookFor:
      '320, 400, 600, 1000: never more than double the grit. Scratches of the last grit are gone before the next.',
  },
  patina: {
    lookFor: 'Hot water, not boiling. Grey-black takes seven to ten minutes; then wool back the high points.',
    caution: 'Ventilate. Liver of sulphur never meets acid: it gives hydrogen sulphide.',
  },
  polish: {
    lookFor: 'Bright high points, the legend still crisp.',
    caution: 'Eye protection, hair tied, no gloves near a spindle.',
  },
  plate: {
    lookFor: 'It takes evenly from the first strokes: where it does not, the metal is not clean.',
    caution:
      'Ventilate, gloves, goggles. Plating solutions are poisonous, some hold cyanide: trained use, by their sheet and local law.',
  },
  saw: {
    lookFor: 'Both marks are on the metal before the first stroke; the cut is square to the length.',
    caution: 'Secure the piece; cut edges are razors until deburred.',
  },
  bend: {
    lookFor:
      'Little and often, turned over each time; nylon outside spares the pattern; both edges stay level.',
    caution: 'Keep fingers clear of the jaws; a piece that slips flies.',
  },
  close: {
    lookFor: 'The ends meet all across, with no light between them, and neither stands proud.',
  },
  solder: {
    lookFor:
      'Clean, fluxed, no gap; both sides hot together; the solder flashes along the joint and the flame is off.',
    caution:
      'Ventilate; nothing that burns near the torch; eye protection. Never use solder that holds cadmium, nor heat plated or unknown metal.',
  },
  roll: {
    lookFor: 'Straight in, the same side up; close the rolls a little each time and measure.',
    caution: 'No gloves, sleeves or hair near the rolls.',
  },
  assemble: {
    lookFor: 'It turns freely and does not come off: a sheet of paper’s room all round.',
    caution: 'Hands clear of the press.',
  },
};

/** What is waited for. */
export const WAIT_WORDS = {
  marker: 'Marker drying',
  cooling: 'Cooling',
  pickle: 'Pickle',
  patina: 'Grey-black patina',
} as const;

export const BATH_WORDS = { pickle: 'the pickle', sulphur: 'the liver of sulphur' } as const;

/** What an anneal step says: soften at the metal's own heat, where the table knows it. */
export function annealWords(annealC: Metal['annealC']): {
  readonly title: string;
  readonly instruction: string;
} {
  const range = annealC ? `${annealC[0]}–${annealC[1]} °C` : 'the heat its metal asks for';
  return { title: 'Anneal', instruction: `Soften at ${range}. Quench in water, tools too.` };
}
