import { type BenchTraits, DEFAULT_TRAITS, NINE_OF_TEN } from '../steps';
import type { LearntValue } from './values';

/** A value rests on at least so many rings before plans go by it. */
export const FEWEST_RINGS = 3;

/** Something is said to be there once it is so many deviations from none. */
export const SURE_DEVIATIONS = 2;

/** Values that plans may go by: enough rings, not put back to the default, and better than it. */
export function counts(value: LearntValue): boolean {
  return value.rings >= FEWEST_RINGS && !value.keptStandard && foretellsBetter(value);
}

/** Whether the other rings' word foretells a ring better than the default does; where neither is told, it may. */
export function foretellsBetter({
  errorBefore,
  errorAfter,
}: {
  readonly errorBefore?: number | undefined;
  readonly errorAfter?: number | undefined;
}): boolean {
  return errorBefore === undefined || errorAfter === undefined || errorAfter < errorBefore;
}

/** A funnel is read no finer, mm. */
const LEAST_SCATTER_MM = 0.1;

/** What the funnels of each die taught. */
function funnelsIn(values: readonly LearntValue[]): BenchTraits['funnels'] {
  return Object.fromEntries(
    values.flatMap(({ what, key, value, errorAfter = 0 }) =>
      what === 'fold'
        ? [
            [
              tailOf(key),
              { growthMm: value, scatterMm: Math.max(LEAST_SCATTER_MM, NINE_OF_TEN * errorAfter) },
            ] as const,
          ]
        : [],
    ),
  );
}

/** How rings are lost here. @param used those that plans go by */
function lossesIn(values: readonly LearntValue[], used: readonly LearntValue[]): BenchTraits['losses'] {
  const { losses } = DEFAULT_TRAITS;
  const valueOf = (key: string) => used.find((one) => one.key === key)?.value;
  const seen = (keyed: (value: LearntValue) => boolean) =>
    values.filter(keyed).reduce((sum, { events = 0 }) => sum + events, 0);
  return {
    wrinkleFactor: valueOf('wrinkle') ?? losses.wrinkleFactor,
    meltChance: valueOf('melt') ?? losses.meltChance,
    slipChance: valueOf('slip') ?? losses.slipChance,
    seen: {
      crack: seen(({ what }) => what === 'allowance'),
      wrinkle: seen(({ key }) => key === 'wrinkle'),
      melt: seen(({ key }) => key === 'melt'),
      slip: seen(({ key }) => key === 'slip'),
    },
  };
}

/** What a key is about: the die, the metal, the kind of step. */
function tailOf(key: string): string {
  return key.slice(key.indexOf('-') + 1);
}

/** How the bench behaves by what was learnt of it: its defaults but where a value counts. */
export function traitsOf(
  values: readonly LearntValue[],
  widthSpread = DEFAULT_TRAITS.widthSpread,
): BenchTraits {
  const used = values.filter(counts);
  const byTail = (what: LearntValue['what']) =>
    Object.fromEntries(used.filter((one) => one.what === what).map(({ key, value }) => [tailOf(key), value]));
  const wallLog = (figure: string) => used.find(({ key }) => key === `wall-${figure}`)?.value ?? 0;
  return {
    shareShift: used.find(({ key }) => key === 'share')?.value ?? DEFAULT_TRAITS.shareShift,
    // Who wants the default for all metals wants it for each.
    shareShiftOf: values.some(({ key, keptStandard }) => key === 'share' && keptStandard)
      ? {}
      : Object.fromEntries(
          used.flatMap(({ what, of, value }) => (what === 'share' && of ? [[of, value] as const] : [])),
        ),
    wallShift: {
      widthLog: wallLog('width'),
      cutEdgeLog: wallLog('cut-edge'),
      rimEdgeLog: wallLog('rim-edge'),
    },
    trimGainMm: used.find(({ what }) => what === 'trim')?.value ?? DEFAULT_TRAITS.trimGainMm,
    curlGain: byTail('curl'),
    funnels: funnelsIn(used),
    allowanceFactor: byTail('allowance'),
    // Half minutes are as fine as a plan is read.
    handsOnMin: Object.fromEntries(
      Object.entries(byTail('minutes')).map(([kind, minutes]) => [kind, Math.round(minutes * 2) / 2]),
    ),
    springbackFactor: byTail('springback'),
    gaugeMm: used.find(({ what }) => what === 'gauge')?.value ?? DEFAULT_TRAITS.gaugeMm,
    endsMm: used.find(({ what }) => what === 'ends')?.value ?? DEFAULT_TRAITS.endsMm,
    spreadFactor: used.find(({ what }) => what === 'spread')?.value ?? DEFAULT_TRAITS.spreadFactor,
    widthSpread,
    losses: lossesIn(values, used),
  };
}
