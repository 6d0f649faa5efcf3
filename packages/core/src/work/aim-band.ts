import { MM_PER_US_SIZE, OFF_MARK_MM } from '../size';
import { FRESH, softens, spend, type RouteStep } from '../steps';
import { correctionSteps, markOf, partEnd, SIZING, type BandInWork, type BandReplan } from './replan-band';

/** A step whose marks are so much larger. */
export function shifted(step: RouteStep, byMm: number): RouteStep {
  const edges = ({ rimInsideDiameterMm, cutInsideDiameterMm }: RouteStep['after']) => ({
    rimInsideDiameterMm: rimInsideDiameterMm + byMm,
    cutInsideDiameterMm: cutInsideDiameterMm + byMm,
  });
  const { before, after, reading, outline } = step;
  return {
    ...step,
    before: edges(before),
    after: edges(after),
    outline: { ...outline, meanRadiusMm: outline.meanRadiusMm.map((radiusMm) => radiusMm + byMm / 2) },
    ...(reading
      ? { reading: { rimDownMm: reading.rimDownMm + byMm, cutDownMm: reading.cutDownMm + byMm } }
      : {}),
  };
}

/** Most that a band is brought up or down in one go, US sizes. */
const MOST_US = 2;

/** A ring already, that what is to come only brings to its size; hammering a texture in does more than that. */
function isSized(part: readonly RouteStep[], step: number): boolean {
  return part
    .slice(step)
    .every(({ blank, kind, contact }) => !blank && (kind !== 'stretch' || contact !== undefined));
}

/** From where it stands to another size, instead of what was planned for the one before. */
function sizedAfresh(
  band: BandInWork,
  part: readonly RouteStep[],
  targetMm: number,
  byMm: number,
): Omit<BandReplan, 'why'> {
  const { steps, step, read, spent } = band;
  const isMm = (read.rimDownMm + read.cutDownMm) / 2;
  const goes = Math.ceil(Math.abs(targetMm - isMm) / (MOST_US * MM_PER_US_SIZE) - 1e-9);
  const standing = steps[Math.max(0, step - 1)] ?? steps[step];
  const put: RouteStep[] = [];
  let filled = spent;
  for (let go = 1; go <= goes && standing && Math.abs(targetMm - isMm) >= OFF_MARK_MM; go += 1) {
    const from = isMm + ((targetMm - isMm) * (go - 1)) / goes;
    const to = isMm + ((targetMm - isMm) * go) / goes;
    const passes = correctionSteps(
      { ...band, spent: filled, readAt: Math.max(0, step - 1) },
      standing,
      from,
      to,
    );
    filled = passes.reduce(
      (sum, { kind, strainCutEdge, strainRimEdge }) =>
        softens(kind) ? FRESH : spend(sum, kind, strainCutEdge, strainRimEdge),
      filled,
    );
    put.push(...passes);
  }
  const lastSizing = part.findLastIndex(
    ({ kind }, i) => i >= step && (SIZING.includes(kind) || kind === 'anneal'),
  );
  const rest = part.slice(Math.max(step, lastSizing + 1)).map((one) => shifted(one, byMm));
  return { fromStep: step, steps: [...put, ...rest, ...steps.slice(part.length)] };
}

/**
 * Another size is wanted of a band in work: its metal is cut for the one before, so it is made as planned up to its last
 * true-up and brought to the new size there. The part at hand only: a spinner's outer band keeps its own.
 * @returns undefined where the size is the same, or nothing of this part is sized any more
 */
export function aimBand(band: BandInWork, targetMm: number): Omit<BandReplan, 'why'> | undefined {
  const { steps, step, readAt, read } = band;
  const end = partEnd({ ...band, readAt: step });
  const part = steps.slice(0, end);
  const last = part.findLast(({ reading }) => reading !== undefined);
  if (!last || step >= end) return undefined;
  const wasMm = markOf(last);
  if (Math.abs(targetMm - wasMm) < OFF_MARK_MM) return undefined;
  if (isSized(part, step)) return sizedAfresh(band, part, targetMm, targetMm - wasMm);
  const trueUp = part.findLastIndex(({ kind }) => kind === 'true-up');
  const fromStep = Math.max(step, trueUp < 0 ? step : trueUp);
  const standing = steps[Math.max(0, fromStep - 1)] ?? last;
  // Where nothing sizes it any more on the way there, it is what was read; else what it is planned to be by then.
  const isMm = readAt >= fromStep - 1 ? (read.rimDownMm + read.cutDownMm) / 2 : wasMm;
  const put =
    Math.abs(targetMm - isMm) < OFF_MARK_MM
      ? []
      : correctionSteps({ ...band, readAt: Math.max(0, fromStep - 1) }, standing, isMm, targetMm);
  const rest = part.slice(fromStep).map((one) => shifted(one, targetMm - wasMm));
  return { fromStep, steps: [...put, ...rest, ...steps.slice(end)] };
}
