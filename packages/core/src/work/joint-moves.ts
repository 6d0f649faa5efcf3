import type { Temper } from '../handle';
import type { MetalId } from '../metal';
import type { StepBlank } from '../steps';
import { annealMove, type Band, type BandMove } from './band-steps';
import { JOINT_WORDS } from './move-words';

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

/** A strip this near the wanted width is not narrowed, mm. */
export const SAME_WIDTH_MM = 0.05;

/** What comes wider than wanted is narrowed while it is flat. */
export function narrowMove(widthMm: number, blank: StepBlank): BandMove {
  return {
    kind: 'file',
    ...JOINT_WORDS.narrow(widthMm),
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
      ...JOINT_WORDS.saw(name, lengthMm),
      to: band,
      strainLog: 0,
      blank: blank(null),
    },
    ...flat,
    ...(springs?.temper === 'hard' ? [] : [annealMove(metal, blank(null))]),
    {
      kind: 'bend',
      ...JOINT_WORDS.bend(name),
      strainLog: bendStrainLog,
      ...(springs ? { springbackMm: springs.backMm } : {}),
      blank: blank(insideDiameterMm * 1.15),
    },
    { kind: 'close', ...JOINT_WORDS.close, blank: blank(insideDiameterMm) },
    { kind: 'solder', ...JOINT_WORDS.solder, blank: blank(insideDiameterMm) },
    { kind: 'pickle', ...JOINT_WORDS.pickle },
    { kind: 'file', ...JOINT_WORDS['file-seam'] },
  ];
}
