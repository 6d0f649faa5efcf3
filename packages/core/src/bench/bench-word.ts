import { capital } from '../format';
import { readingStanding, type RingState } from '../ring';
import { BAND_EDGES, COIN_EDGES, fullest, routeTotals, spend, type RouteStep } from '../steps';
import { markMm, writeAmount, writeSize } from '../size';
import { runToEnd } from '../uncertainty';
import {
  alongRoute,
  AS_PLANNED,
  deriveRoute,
  edgesDifferMm,
  findingOf,
  storedState,
  type DerivedRoute,
} from './derive-route';
import { mayAnneal, mayReduce, type BenchTools, type RingAtBench } from './ring-at-bench';
import { isRead, stopAt, stopWords, type StopAt } from './stop-at';

export const STANDINGS = ['before', 'on-mark', 'past', 'off-plan', 'out-of-reach', 'finished'] as const;

export const ADVICE_CODES = [
  'do-it',
  'stop-at',
  'part-way',
  'on-mark',
  'past',
  'off-plan',
  'edges-differ',
  'anneal-first',
  'cannot-soften',
  'out-of-reach',
  'finished',
] as const;

/** What the bench says of a ring, from its plan and its events alone (craft §13). */
export interface BenchWord {
  /** Undefined when all is done. */
  readonly step:
    | {
        readonly index: number;
        readonly kind: RouteStep['kind'];
        readonly title: string;
        readonly tool?: string | undefined;
      }
    | undefined;
  readonly stopAt: StopAt | undefined;
  readonly standing: (typeof STANDINGS)[number];
  /** Part of the way: marks of the maker's own system, and about how many pulls or pushes that is. */
  readonly toGo: { readonly marks: number; readonly pulls?: number } | undefined;
  readonly advice: { readonly code: (typeof ADVICE_CODES)[number]; readonly message: string };
  /** Share of what the metal bears between two anneals that is used up. */
  readonly gauge: { readonly cutEdge: number; readonly rimEdge: number };
  readonly mayAnneal: boolean;
  readonly target: { readonly insideDiameterMm: number; readonly mark: string };
  /** What is to come after the step at hand. */
  readonly rest: readonly RouteStep[];
  /** The state that all of it was read from, and the route that was derived for it. */
  readonly state: RingState;
  readonly derived: DerivedRoute;
}

/** One pull of the stretcher, or push into a die, that is done with feeling moves a quarter US size, mm. */
const PULL_MM = 0.2032;
const PULLS: Partial<Readonly<Record<RouteStep['kind'], string>>> = {
  stretch: 'pull',
  straighten: 'push',
  reduce: 'push',
  stepped: 'push',
  curl: 'push',
};

/** "two pulls, a turn of 45° between them, then end for end". */
function strokesWords(step: RouteStep, strokes: number): string {
  const stroke = PULLS[step.kind] ?? '';
  const splines = step.contact?.kind === 'splines' ? step.contact.count : undefined;
  const about = `about ${strokes} ${stroke}${strokes === 1 ? '' : stroke === 'push' ? 'es' : 's'}`;
  if (splines === undefined) return step.kind === 'reduce' ? `${about}, then turn it over` : about;
  return `${about}, turned ${180 / splines}° between, then end for end`;
}

interface Said {
  readonly standing: BenchWord['standing'];
  readonly toGo?: BenchWord['toGo'];
  readonly advice: BenchWord['advice'];
}

/** How the ring goes on from something that was found. */
function onwards({ steps, step }: RingState, derived: DerivedRoute): string {
  switch (derived.kind) {
    case 'changed': {
      const next = steps[Math.max(step, derived.fromStep)];
      return next ? ` Next: ${next.title.toLowerCase()}${next.tool ? `, ${next.tool}` : ''}.` : '';
    }
    case 'as-planned':
      return ' What is still to come brings it to its size.';
    default:
      return '';
  }
}

function offWords(
  ring: RingAtBench,
  stored: RingState,
  derived: DerivedRoute,
  now: RingState,
  tools: BenchTools,
): Said {
  const read = stored.openReading;
  const step = read && stored.steps[read.step];
  const { kind, offMm, edge } =
    read && step
      ? readingStanding(step, read, ring.mandrel)
      : ({ kind: 'off-plan', offMm: 0, edge: 'cut' } as const);
  const names = ring.coin ? COIN_EDGES : BAND_EDGES;
  const standing = kind === 'past' ? 'past' : 'off-plan';
  const found =
    offMm === 0
      ? 'The hole is another than planned.'
      : `${names[edge]} ${writeAmount(offMm, tools.system)} ${offMm > 0 ? 'larger' : 'smaller'} than its mark.`;
  return {
    standing,
    advice: {
      code: standing,
      message: `${capital(found)}${onwards(now, derived)}`,
    },
  };
}

function readWords(ring: RingAtBench, now: RingState, step: RouteStep, tools: BenchTools): Said {
  const { system } = tools;
  const names = ring.coin ? COIN_EDGES : BAND_EDGES;
  const stop = stopAt(step, system);
  const read = now.openReading?.step === now.step ? now.openReading : undefined;
  if (!read) {
    const message = stop
      ? `Stop when the mandrel reads ${stopWords(stop, system, names)}.`
      : step.instruction;
    return { standing: 'before', advice: { code: stop ? 'stop-at' : 'do-it', message } };
  }
  const { kind, toGoMm } = readingStanding(step, read, ring.mandrel);
  if (kind === 'part-way') {
    const marks = Math.max(1, Math.round(toGoMm / markMm(system)));
    const pulls = PULLS[step.kind] ? Math.max(1, Math.round(toGoMm / PULL_MM)) : undefined;
    const strokes = pulls === undefined ? '' : `: ${strokesWords(step, pulls)}`;
    return {
      standing: 'before',
      toGo: { marks, ...(pulls === undefined ? {} : { pulls }) },
      advice: { code: 'part-way', message: `${writeAmount(toGoMm, system)} to go${strokes}.` },
    };
  }
  const apart = stop?.edgeDown === 'either' ? edgesDifferMm(now) : 0;
  if (apart !== 0) {
    const wider = apart > 0 ? 'rim' : 'cut';
    return {
      standing: 'on-mark',
      advice: {
        code: 'edges-differ',
        message: `${capital(names[wider])} ${writeAmount(apart, system)} larger than the other: ${
          mayReduce(ring) && !step.blank
            ? `bring it down in the die, under cloth, a little at a time.`
            : 'tap the smaller edge up on the mandrel.'
        }`,
      },
    };
  }
  return { standing: 'on-mark', advice: { code: 'on-mark', message: 'On the mark.' } };
}

/** How full the gauge may be before it asks for the flame: a reading within its tolerance may be a mark past the plan. */
const FULL = 1.05;

function gaugeWords(word: Said, full: number, softens: boolean, annealComes: boolean): Said {
  if (full <= FULL || annealComes) return word;
  const advice = softens
    ? { code: 'anneal-first' as const, message: `Anneal before it is formed further. ${word.advice.message}` }
    : {
        code: 'cannot-soften' as const,
        message: `It cannot be softened: stop here, or take the next larger former. ${word.advice.message}`,
      };
  return { ...word, advice };
}

function saidOf(
  ring: RingAtBench,
  stored: RingState,
  derived: DerivedRoute,
  now: RingState,
  tools: BenchTools,
): Said {
  const step = now.steps[now.step];
  if (!step || now.finished) {
    return {
      standing: 'finished',
      advice: {
        code: 'finished',
        message: now.finished ? 'Finished.' : 'All steps are done: read it, measure it, finish it.',
      },
    };
  }
  if (derived.kind === 'out-of-reach') {
    const { nearest } = derived;
    const instead = nearest
      ? ` Nearest that is still possible: ${writeSize(nearest.targetInsideDiameterMm, tools.system)}.`
      : '';
    const target = now.targetInsideDiameterMm ?? ring.targetInsideDiameterMm;
    return {
      standing: 'out-of-reach',
      advice: {
        code: 'out-of-reach',
        message: `${writeSize(target, tools.system)} is out of reach.${instead}`,
      },
    };
  }
  return findingOf(ring, stored)
    ? offWords(ring, stored, derived, now, tools)
    : readWords(ring, now, step, tools);
}

/** What is to go from the last reading to the mark of a step that was planned from it. */
function toGoAfter(
  word: Said,
  now: RingState,
  step: RouteStep | undefined,
  derived: DerivedRoute,
  { system }: BenchTools,
): Said {
  const putsRight = derived.kind === 'changed' && derived.fromStep === now.step;
  if (word.standing !== 'off-plan' || !putsRight || !step || !isRead(step)) return word;
  const mm = Math.max(
    Math.abs(step.after.rimInsideDiameterMm - now.edges.rimInsideDiameterMm),
    Math.abs(step.after.cutInsideDiameterMm - now.edges.cutInsideDiameterMm),
  );
  const marks = Math.round(mm / markMm(system));
  return marks === 0 ? word : { ...word, toGo: { marks } };
}

/** The bench's word with a route that was derived already; cheap. */
export function wordAlong(
  ring: RingAtBench,
  stored: RingState,
  derived: DerivedRoute,
  tools: BenchTools,
): BenchWord {
  const now = alongRoute(stored, derived);
  const step = now.steps[now.step];
  const { spent } = now;
  const gauge = {
    cutEdge: spent.cut / ring.allowanceStrainLog,
    rimEdge: spent.rim / ring.allowanceStrainLog,
  };
  const softens = mayAnneal(ring);
  // What cannot be softened has to bear the correction too.
  const more = !softens && derived.kind === 'changed' ? derived.steps[0] : undefined;
  const bears = more ? spend(spent, more.kind, more.strainCutEdge, more.strainRimEdge) : spent;
  const full = fullest(bears) / ring.allowanceStrainLog;
  const annealComes = now.steps.slice(now.step, now.step + 2).some(({ kind }) => kind === 'anneal');
  const said = saidOf(ring, stored, derived, now, tools);
  const word = gaugeWords(toGoAfter(said, now, step, derived, tools), full, softens, annealComes);
  const target = now.targetInsideDiameterMm ?? ring.targetInsideDiameterMm;
  return {
    step: step && { index: now.step, kind: step.kind, title: step.title, tool: step.tool },
    stopAt: step && stopAt(step, tools.system),
    standing: word.standing,
    toGo: word.toGo,
    advice: word.advice,
    gauge,
    mayAnneal: softens,
    target: { insideDiameterMm: target, mark: writeSize(target, tools.system) },
    rest: now.steps.slice(now.step + 1),
    state: now,
    derived,
  };
}

/**
 * What the bench says now: one derivation for every device and every script.
 * @yields progress, 0 to 1
 */
export function* sayingBench(ring: RingAtBench, tools: BenchTools): Generator<number, BenchWord> {
  const stored = storedState(ring);
  const finding = findingOf(ring, stored);
  const derived = finding ? yield* deriveRoute(ring, stored, finding, tools) : AS_PLANNED;
  return wordAlong(ring, stored, derived, tools);
}

/** The same in one go. */
export function benchWord(ring: RingAtBench, tools: BenchTools): BenchWord {
  return runToEnd(sayingBench(ring, tools));
}

/** Minutes and anneals that are to come, the step at hand left out. */
export function restTotals({ rest }: Pick<BenchWord, 'rest'>) {
  return routeTotals(rest);
}
