import { sizesInWords } from '../format';
import { DEFAULT_TRAITS, stepDefaults, type RouteStep } from '../steps';
import { MM_PER_US_SIZE, predictReading, type MandrelReading, type MandrelTaper } from '../size';

/** Within this of the mark nothing is added (craft §3, true up), US sizes. */
const TOLERANCE_US = 0.25;

/** A step put in after what was read, and why. */
export interface BandReplan {
  readonly steps: readonly RouteStep[];
  readonly why: string;
}

interface BandReading {
  readonly step: RouteStep;
  /** Steps still to come after it. */
  readonly toCome: readonly RouteStep[];
  /** Both ways round, at the leading edge. */
  readonly read: MandrelReading;
  readonly mandrel: MandrelTaper;
}

function words(offUs: number, bent: boolean) {
  const amount = sizesInWords(offUs);
  if (offUs > 0) {
    return bent
      ? {
          kind: 'bend' as const,
          title: `Bend it ${amount} tighter`,
          instruction: 'The next smaller former, little and often, turned over each time.',
          why: `It is ${amount} too large: the next former down comes before the rest.`,
        }
      : {
          kind: 'reduce' as const,
          title: `Reduce it ${amount}`,
          instruction: 'A little from one edge, turn it over, as far from the other.',
          why: `It is ${amount} too large: a pass through the plate comes before the rest.`,
        };
  }
  return {
    kind: 'stretch' as const,
    title: `Bring it up ${amount}`,
    instruction: bent
      ? 'A few taps on the mandrel, turned end for end; read often.'
      : 'Little, turn it over, read. Stop a quarter short.',
    why: `It is ${amount} too small: it is brought up before the rest.`,
  };
}

/**
 * Plans on from a reading of a band that is off: one step puts the size right before the rest goes on.
 * @returns undefined when it is on plan
 */
export function replanBand({ step, toCome, read, mandrel }: BandReading): BandReplan | undefined {
  const wantedMm = step.reading?.cutDownMm ?? step.after.cutInsideDiameterMm;
  const isMm = (read.rimDownMm + read.cutDownMm) / 2;
  const offUs = (isMm - wantedMm) / MM_PER_US_SIZE;
  if (Math.abs(offUs) < TOLERANCE_US) return undefined;
  const { why, ...work } = words(offUs, step.blank !== undefined);
  const defaults = stepDefaults(work.kind, DEFAULT_TRAITS);
  const edges = { rimInsideDiameterMm: isMm, cutInsideDiameterMm: isMm };
  const thicknessMm = step.outline.thicknessMm[0] ?? 0;
  const strain = work.kind === 'bend' ? 0 : Math.log((wantedMm + thicknessMm) / (isMm + thicknessMm));
  const correction: RouteStep = {
    ...work,
    lookFor: defaults.lookFor,
    before: edges,
    after: step.after,
    strainCutEdge: strain,
    strainRimEdge: strain,
    annealFirst: false,
    handsOnMin: defaults.handsOnMin,
    waitMin: defaults.waitMin,
    ...(defaults.caution ? { caution: defaults.caution } : {}),
    outline: step.outline,
    reading: predictReading(step.after, step.outline.arcMm.at(-1) ?? 0, 'leading', mandrel),
    ...(step.blank ? { blank: step.blank } : {}),
  };
  return { steps: [correction, ...toCome], why };
}
