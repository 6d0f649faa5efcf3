import { countWords } from '@round-mint/core/format';
import type { LearntValueAnswer } from '@round-mint/contract/learnt';
import { remedyFor } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import type { StepKind } from '@round-mint/core/steps';
import { FEWEST_LOSSES } from '@round-mint/core/uncertainty';
import type { Writers } from '@/features/shared/settings/use-settings';
import { STEP_WORDS } from '@/features/shared/words/step-words';

/** What a value is called, and what it is about. */
interface ValueName {
  readonly title: string;
  readonly about: string;
}

function stepWord(kind: string | undefined): string {
  return STEP_WORDS[kind as StepKind] ?? kind ?? '';
}

/** After a kind of blow, or of one former. */
function springsFrom(of = ''): string {
  const kind = STEP_WORDS[of as StepKind];
  return kind ? `after a ${kind}` : `of the ${of}`;
}

export function nameOf({ what, of }: LearntValueAnswer): ValueName {
  switch (what) {
    case 'share':
      return {
        title: of === undefined ? 'Width’s share of the stretch' : `The same of ${of} alone`,
        about: 'from finished widths and edges',
      };
    case 'wall':
      return {
        title: `${of === 'width' ? 'Width' : `Thickness of the ${of}`} against the plan`,
        about: 'what nothing else explains',
      };
    case 'trim':
      return { title: 'Gain of a trimmed lip', about: 'from readings before and after' };
    case 'curl':
      return {
        title: `What the ${of} die really turns`,
        about: 'from the size lost in turning in the edges',
      };
    case 'fold':
      return { title: `Funnels of the ${of} die`, about: 'from readings after the fold' };
    case 'spread':
      return { title: 'How wide the rolls spread a strip', about: 'from widths measured at the mill' };
    case 'springback':
      return { title: `Springback ${springsFrom(of)}`, about: 'against what was predicted' };
    case 'gauge':
      return {
        title: 'Your mandrel against the tools’ scales',
        about:
          'pulls and reductions are off by as much, in opposite ways: hold both against a ring of known size',
      };
    case 'ends':
      return { title: 'Finished size', about: 'what rings read at their end, against the size wanted' };
    case 'allowance':
      return { title: `What ${of?.toLowerCase()} bears`, about: 'from cracks against strain' };
    case 'wrinkle':
      return {
        title: 'What rims bear before they wrinkle',
        about: 'from folds that held and folds that did not',
      };
    case 'melt':
      return { title: 'Heats that melt a ring', about: 'from rings that blistered or sagged' };
    case 'slip':
      return of === undefined
        ? { title: 'Rings lost by a slip', about: 'by neither crack, wrinkle nor heat' }
        : { title: remedyFor(of as Symptom).title, about: 'of the rings lost by a slip' };
    case 'minutes':
      return { title: `Minutes of a ${stepWord(of)}`, about: 'from the times of your steps' };
  }
}

function signOf(value: number): string {
  return value < 0 ? '−' : value > 0 ? '+' : '';
}

/** A value in its own notation. */
export function valueText(
  { what, of }: LearntValueAnswer,
  value: number,
  { meanAmount }: Pick<Writers, 'meanAmount'>,
): string {
  switch (what) {
    case 'share':
      return `${signOf(value)}${Math.abs(value).toFixed(3)}`;
    case 'wall': {
      const percent = Math.round(1000 * Math.expm1(value)) / 10;
      return `${signOf(percent)}${Math.abs(percent).toFixed(1)}%`;
    }
    case 'trim':
      return meanAmount(value);
    case 'fold':
    case 'gauge':
    case 'ends':
      return `${signOf(value)}${meanAmount(value)}`;
    case 'curl':
      return `${(value * Number.parseFloat(of ?? '0')).toFixed(1)}°`;
    case 'spread':
    case 'springback':
    case 'allowance':
      return `× ${value.toFixed(2)}`;
    case 'wrinkle':
      return `× ${value.toFixed(2)}`;
    case 'melt':
      return `${(value * 1000).toFixed(1)} in 1000`;
    case 'slip':
      return `${(value * 100).toFixed(1)} in 100`;
    case 'minutes':
      return `${value.toFixed(1)} min`;
  }
}

/** "0.24 size → 0.11 size": what predictions were off by default, and as the other rings would have predicted. */
export function errorText(
  { what, errorBefore, errorAfter }: LearntValueAnswer,
  { meanAmount }: Pick<Writers, 'meanAmount'>,
): string | undefined {
  if (errorBefore === undefined || errorAfter === undefined) return undefined;
  const pair = (factor: number, decimals: number, unit: string) =>
    `${(errorBefore * factor).toFixed(decimals)} → ${(errorAfter * factor).toFixed(decimals)}${unit}`;
  switch (what) {
    case 'share':
    case 'wall':
    case 'spread':
      return pair(100, 1, '%');
    case 'minutes':
      return pair(1, 1, ' min');
    default:
      return `${meanAmount(errorBefore)} → ${meanAmount(errorAfter)}`;
  }
}

/** "rests on 23 rings". */
export function restsOn({ what, rings, sightings, events }: LearntValueAnswer): string {
  if (what === 'minutes') return `${sightings} timed`;
  const all = what === 'melt' ? countWords(sightings, 'heat') : countWords(rings, 'ring');
  if (events === undefined) return all;
  const lost = `${events} of ${all}`;
  return events < FEWEST_LOSSES ? `${lost}: a first guess` : lost;
}
