import type { Temper } from '../handle';
import type { MetalId } from '../metal';
import type { StepBlank } from '../steps';
import { annealMove, type Band, type BandMove } from './band-steps';

/** An even blank, flat or bent. */
export function evenBlank(
  lengthMm: number,
  thicknessMm: number,
  widthMm: number,
  bentToMm: number | null,
): StepBlank {
  const end = { thicknessMm, widthMm };
  return {
    stations: [
      { atMm: 0, ...end },
      { atMm: lengthMm, ...end },
    ],
    bentToMm,
  };
}

export function sawTitle(name: string, lengthMm: number): string {
  return `Saw ${name} to ${lengthMm.toFixed(1)} mm`;
}

/** A strip this near the wanted width is not narrowed, mm. */
export const SAME_WIDTH_MM = 0.05;

/** What comes wider than wanted is narrowed while it is flat. */
export function narrowMove(widthMm: number, blank: StepBlank): BandMove {
  return {
    kind: 'file',
    title: `Narrow it to ${widthMm.toFixed(1)} mm`,
    instruction: 'Scribe the width along both edges; saw, then file down to the lines, alike on both.',
    lookFor: 'The calliper says the same width all along.',
    to: { widthMm },
    blank,
  };
}

interface Joint {
  readonly name: string;
  readonly metal: MetalId;
  readonly lengthMm: number;
  readonly band: Band;
  /** Stretch of the outside when it is bent, as a logarithm. */
  readonly bendStrainLog: number;
  /** What is done to it while it is flat, and cut. */
  readonly flat?: readonly BandMove[];
  /** Left out, it is softened and how it springs is not told. */
  readonly springs?: { readonly temper: Temper; readonly backMm: number } | undefined;
}

/** Saw, bend, close and solder: how any closed band begins. */
export function joinedBand({
  name,
  metal,
  lengthMm,
  band,
  bendStrainLog,
  flat = [],
  springs,
}: Joint): readonly BandMove[] {
  const { thicknessMm, widthMm, insideDiameterMm } = band;
  const blank = (bentToMm: number | null) => evenBlank(lengthMm, thicknessMm, widthMm, bentToMm);
  return [
    {
      kind: 'saw',
      title: sawTitle(name, lengthMm),
      instruction: 'Scribe both marks with a square; saw outside the line, file to it.',
      to: band,
      strainLog: 0,
      blank: blank(null),
    },
    ...flat,
    ...(springs?.temper === 'hard' ? [] : [annealMove(metal, blank(null))]),
    {
      kind: 'bend',
      title: `Bend ${name} round`,
      instruction: 'Ends first, then the middle, until the ends pass each other and spring back to touch.',
      strainLog: bendStrainLog,
      ...(springs ? { springbackMm: springs.backMm } : {}),
      blank: blank(insideDiameterMm * 1.15),
    },
    {
      kind: 'close',
      title: 'Close the joint',
      instruction:
        'File or saw through both ends at once; no light shows between them. It need not be round yet.',
      blank: blank(insideDiameterMm),
    },
    {
      kind: 'solder',
      title: 'Solder the joint',
      instruction: 'Hard solder under the joint; heat the whole band first, the joint last. Then quench.',
      blank: blank(insideDiameterMm),
    },
    {
      kind: 'pickle',
      title: 'Pickle off flux and scale',
      instruction: 'Warm citric acid or sodium bisulphate, five to fifteen minutes.',
    },
    {
      kind: 'file',
      title: 'File the seam flush',
      instruction: 'Inside with a half-round file, outside flat; not below the band.',
      lookFor: 'The seam cannot be felt, inside or out.',
    },
  ];
}
