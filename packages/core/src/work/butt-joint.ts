import { profileOf, thicknessAt, turnLengthMm, widthAt } from '../handle';
import { stillStep, type RouteStep, type StepBlank } from '../steps';
import { BUTT_WORDS } from './move-words';
import type { BandInWork, BandReplan } from './replan-band';

/** Less than this past the joint is filed away, not sawn off, mm. */
const WORTH_SAWING_MM = 0.3;

/** A blank that ends sooner, seen from its kept end. */
function cutBlank(blank: StepBlank, lengthMm: number): StepBlank {
  const profile = profileOf(blank.stations);
  if (lengthMm >= profile.lengthMm) return blank;
  const widthMm = widthAt(profile, lengthMm);
  const end = { atMm: lengthMm, thicknessMm: thicknessAt(profile, lengthMm) };
  return {
    ...blank,
    stations: [
      ...blank.stations.filter(({ atMm }) => atMm < lengthMm),
      widthMm === undefined ? end : { ...end, widthMm },
    ],
  };
}

function sawn(standing: RouteStep, overMm: number): readonly RouteStep[] {
  const saw = stillStep(standing, {
    kind: 'saw',
    ...BUTT_WORDS['saw-off'](overMm),
    handsOnMin: 5,
    waitMin: 0,
  });
  const file = stillStep(saw, {
    kind: 'file',
    ...BUTT_WORDS['file-to-meet'],
    handsOnMin: 8,
    waitMin: 0,
  });
  return [saw, file];
}

/** Not begun yet: it is cut shorter to begin with. */
function cutShorter(steps: readonly RouteStep[], fullMm: number, buttMm: number): readonly RouteStep[] {
  return steps.map((step) => {
    const { kind, blank } = step;
    const cut = blank ? { ...step, blank: cutBlank(blank, buttMm) } : step;
    if (kind === 'close') return { ...cut, ...BUTT_WORDS.closed };
    if (kind !== 'saw') return cut;
    return { ...cut, ...BUTT_WORDS['saw-shorter'](buttMm, fullMm - buttMm) };
  });
}

/**
 * A ring from a handle whose ends lap or wind past each other is to be one whose ends meet (craft §13): cut at the length
 * of one turn, filed to fit, closed; what was trued and finished by then is trued and finished again.
 * @returns undefined where there is nothing to cut off
 */
export function buttJoint(
  { steps, step }: Pick<BandInWork, 'steps' | 'step'>,
  targetMm: number,
): Omit<BandReplan, 'why'> | undefined {
  const sawAt = steps.findIndex(({ kind }) => kind === 'saw');
  const closeAt = steps.findLastIndex(({ kind }) => kind === 'close');
  const [flat, closing] = [steps[sawAt]?.blank, steps[closeAt]];
  if (!flat || !closing) return undefined;
  const profile = profileOf(flat.stations);
  const buttMm = turnLengthMm(profile, 0, targetMm, 2 * Math.PI);
  const overMm = profile.lengthMm - buttMm;
  if (overMm < WORTH_SAWING_MM) return undefined;
  if (step <= sawAt)
    return { fromStep: step, steps: cutShorter(steps.slice(step), profile.lengthMm, buttMm) };
  const shorter = (one: RouteStep) => (one.blank ? { ...one, blank: cutBlank(one.blank, buttMm) } : one);
  if (step <= closeAt) {
    const before = steps.slice(step, closeAt);
    const standing = steps[closeAt - 1] ?? closing;
    const rest = steps.slice(closeAt).map(shorter);
    return {
      fromStep: step,
      steps: [
        ...before,
        ...sawn(standing, overMm),
        ...rest.map((one, i) => (i === 0 ? { ...one, ...BUTT_WORDS.closed } : one)),
      ],
    };
  }
  const again = {
    ...shorter(closing),
    ...BUTT_WORDS.closed,
    before: closing.after,
    strainCutEdge: 0,
    strainRimEdge: 0,
  };
  return { fromStep: step, steps: [...sawn(shorter(closing), overMm), again, ...steps.slice(closeAt + 1)] };
}
