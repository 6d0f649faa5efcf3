import { stiffnessOf, type MetalId } from '../metal';
import { barThicknessMm, barWidthMm, type Bar, type RollingPass } from '../rolling';
import type { RollingStep, StepBlank } from '../steps';
import { annealMove, type BandMove } from './band-steps';
import { evenBlank } from './joint-moves';
import { STRIP_WORDS } from './move-words';

/** How much of a ring's gauge a strain between the rolls fills: the metal bears another there than as a hoop. */
export function gaugePerStrain(metal: MetalId, allowanceStrainLog: number): number {
  return allowanceStrainLog / stiffnessOf(metal).rollingLimit;
}

/** A bar as a step shows it. */
export function barBlank(bar: Bar): StepBlank {
  const thicknessMm = barThicknessMm(bar);
  return evenBlank(bar.lengthMm, thicknessMm, barWidthMm(bar), null);
}

interface Passes {
  readonly metal: MetalId;
  /** The bar as it was cut off, and as it stands before the first of these passes. */
  readonly rolling: Pick<RollingStep, 'bar' | 'fromMm' | 'gaugePerStrain'>;
  readonly standing: StepBlank;
  readonly passes: readonly RollingPass[];
  /** Passes that are behind it already. */
  readonly done?: number;
}

/** Passes between the rolls, with the flame where the metal asks for it. */
export function passMoves({ metal, rolling, standing, passes, done = 0 }: Passes): readonly BandMove[] {
  const blanks = passes.map(({ lengthMm, thicknessMm, overallWidthMm }) =>
    evenBlank(lengthMm, thicknessMm, overallWidthMm, null),
  );
  return passes.flatMap((pass, i): readonly BandMove[] => {
    const { thicknessMm, overallWidthMm, reduction, annealBefore } = pass;
    const fromMm = passes[i - 1]?.thicknessMm ?? rolling.fromMm;
    return [
      ...(annealBefore ? [annealMove(metal, blanks[i - 1] ?? standing)] : []),
      {
        kind: 'roll',
        ...STRIP_WORDS.roll(pass, { pass: done + i + 1, count: done + passes.length }),
        to: { thicknessMm, widthMm: overallWidthMm },
        strainLog: -Math.log(1 - reduction) * rolling.gaugePerStrain,
        blank: blanks[i] ?? standing,
        rolling: { ...rolling, fromMm, toMm: thicknessMm },
      },
    ];
  });
}
