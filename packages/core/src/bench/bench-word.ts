import type { Kit } from '../kit';
import { readingStanding, type RingState } from '../ring';
import { edgeNamesOf, fullest, spend, type EdgeNames, type RouteStep } from '../steps';
import { markMm, MM_PER_US_SIZE, OFF_MARK_MM, writeAmount, writeSize, type SizeSystemId } from '../size';
import { runToEnd } from '../uncertainty';
import type { ADVICE_CODES, STANDINGS } from './codes';
import {
  alongRoute,
  AS_PLANNED,
  deriveRoute,
  findingOf,
  storedState,
  type DerivedRoute,
  type Finding,
} from './derive-route';
import { mayAnneal, mayReduce, type BenchTools, type RingAtBench } from './ring-at-bench';
import { BENCH_WORDS, CHANGED_WORDS } from './bench-words';
import { rolledWords } from './rolled-words';
import { isRead, stopAt, stopWords, type StopAt } from './stop-at';
import { hasStrokes, strokesWords } from './stroke-words';
import { splinesAt, toolAtHand, type ToolAtHand } from './tool-at-hand';

/** What the bench says of a ring, from its plan and its events alone (craft §13). */
export interface BenchWord {
  /** Undefined when all is done. */
  readonly step:
    | (ToolAtHand & {
        readonly index: number;
        readonly kind: RouteStep['kind'];
        readonly title: string;
      })
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
const PULL_MM = MM_PER_US_SIZE / 4;
interface Said {
  readonly standing: BenchWord['standing'];
  readonly toGo?: BenchWord['toGo'];
  readonly advice: BenchWord['advice'];
}

/** All that a word on a ring is read from. */
interface Scene {
  readonly ring: RingAtBench;
  /** Along the routes that were kept, and along the one that follows from what was found last. */
  readonly stored: RingState;
  readonly now: RingState;
  readonly finding: Finding | undefined;
  readonly derived: DerivedRoute;
  readonly system: SizeSystemId;
  readonly names: EdgeNames;
  readonly kit: Kit;
}

/** What a route costs the cut edge, where that is more than is comfortable. */
function thinWords(derived: DerivedRoute): string {
  if (derived.kind !== 'changed' || !derived.thin || !derived.route) return '';
  return BENCH_WORDS.thin(derived.route.thicknessCutEdgeMm);
}

/** How the ring goes on from something that was found. */
function onwards({ now: { steps, step }, derived }: Scene): string {
  switch (derived.kind) {
    case 'changed': {
      const next = steps[Math.max(step, derived.fromStep)];
      return `${next ? BENCH_WORDS.next(next) : ''}${thinWords(derived)}`;
    }
    case 'as-planned':
      return BENCH_WORDS.asPlanned;
    default:
      return '';
  }
}

/** What is wanted now, or was left out; then the step at hand along the new route. */
function changedWords(scene: Scene): Said {
  const { stored, now, system } = scene;
  const step = now.steps[now.step];
  const what = {
    target: CHANGED_WORDS.target(writeSize(targetOf(scene), system)),
    wall: CHANGED_WORDS.wall(stored.wall?.kind),
    style: CHANGED_WORDS.style,
    skipped: CHANGED_WORDS.skipped,
  }[stored.openChange?.kind ?? 'skipped'];
  const word = step ? readWords(scene, step) : undefined;
  if (!word) return { standing: 'off-plan', advice: { code: 'off-plan', message: what } };
  const { code, message } = word.advice;
  // What a step without a mark says stands on the step itself.
  const then = code === 'do-it' ? '' : ` ${message}`;
  return { ...word, advice: { code, message: `${what}${then}${thinWords(scene.derived)}` } };
}

function offWords(scene: Scene, finding: Finding): Said {
  const { ring, stored, system, names, derived } = scene;
  if (finding.kind === 'change') return changedWords(scene);
  const rolled = finding.kind === 'rolled' ? rolledWords(stored, derived, onwards(scene)) : undefined;
  if (rolled) return rolled;
  const read = finding.kind === 'reading' ? stored.openReading : undefined;
  const step = read && stored.steps[read.step];
  if (!step) {
    const message = `${BENCH_WORDS.otherHole}${onwards(scene)}`;
    return { standing: 'off-plan', advice: { code: 'off-plan', message } };
  }
  const { kind, offMm, edge, both } = readingStanding(step, read, ring.mandrel);
  const standing = kind === 'past' ? 'past' : 'off-plan';
  const off = BENCH_WORDS.off(both ? undefined : names[edge], writeAmount(offMm, system), offMm > 0);
  const message = `${off}${onwards(scene)}`;
  return { standing, advice: { code: standing, message } };
}

/** What evens two edges that should be alike; undefined where they are: a mark of difference is never alike (craft §13). */
function evenWords({ ring, now, system, names }: Scene, step: RouteStep): string | undefined {
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = now.edges;
  if (Math.abs(rim - cut) < OFF_MARK_MM) return undefined;
  const how = mayReduce(ring) && !step.blank ? 'reduce' : 'open';
  return BENCH_WORDS.uneven(names[rim > cut ? 'rim' : 'cut'], writeAmount(rim - cut, system), how);
}

function readWords(scene: Scene, step: RouteStep): Said {
  const { ring, now, kit, system, names, derived } = scene;
  const rolled = rolledWords(now, derived, '');
  if (rolled) return rolled;
  const stop = stopAt(step, system);
  const read = now.openReading?.step === now.step && isRead(step) ? now.openReading : undefined;
  const standing = read && readingStanding(step, read, ring.mandrel);
  // A step that was planned from a reading begins where that was read: it says nothing of how far the step is.
  if (!standing || standing.kind === 'past' || standing.kind === 'off-plan') {
    const message = stop
      ? BENCH_WORDS.stopAt(step.kind === 'read', stopWords(stop, system, names))
      : step.instruction;
    return { standing: 'before', advice: { code: stop ? 'stop-at' : 'do-it', message } };
  }
  const { kind, toGoMm } = standing;
  if (kind === 'part-way') {
    const marks = Math.max(1, Math.round(toGoMm / markMm(system)));
    const pulls = hasStrokes(step) ? Math.max(1, Math.round(toGoMm / PULL_MM)) : undefined;
    const strokes = pulls === undefined ? undefined : strokesWords(step, pulls, splinesAt(now, kit, step));
    return {
      standing: 'before',
      toGo: { marks, ...(pulls === undefined ? {} : { pulls }) },
      advice: { code: 'part-way', message: BENCH_WORDS.toGo(writeAmount(toGoMm, system), strokes) },
    };
  }
  const uneven = stop?.edgeDown === 'either' ? evenWords(scene, step) : undefined;
  return {
    standing: 'on-mark',
    advice: uneven
      ? { code: 'edges-differ', message: uneven }
      : { code: 'on-mark', message: BENCH_WORDS.onMark },
  };
}

/** How full the gauge may be before it asks for the flame: a reading within its tolerance may be a mark past the plan. */
const FULL = 1.05;

function gaugeWords(word: Said, full: number, softens: boolean, annealComes: boolean): Said {
  if (full <= FULL || annealComes) return word;
  const advice = softens
    ? { code: 'anneal-first' as const, message: `${BENCH_WORDS.annealFirst} ${word.advice.message}` }
    : {
        code: 'cannot-soften' as const,
        message: `${BENCH_WORDS.cannotSoften} ${word.advice.message}`,
      };
  return { ...word, advice };
}

function targetOf({ ring, now }: Pick<Scene, 'ring' | 'now'>): number {
  return now.targetInsideDiameterMm ?? ring.targetInsideDiameterMm;
}

function saidOf(scene: Scene): Said {
  const { now, derived, finding, system } = scene;
  const step = now.steps[now.step];
  if (!step || now.finished) {
    const message = now.finished ? BENCH_WORDS.finished : BENCH_WORDS.allDone;
    return { standing: 'finished', advice: { code: 'finished', message } };
  }
  if (derived.kind === 'out-of-reach') {
    const { nearest } = derived;
    const instead = nearest && writeSize(nearest.targetInsideDiameterMm, system);
    const message = BENCH_WORDS.outOfReach(writeSize(targetOf(scene), system), instead);
    return { standing: 'out-of-reach', advice: { code: 'out-of-reach', message } };
  }
  return finding ? offWords(scene, finding) : readWords(scene, step);
}

/** What is to go from the last reading to the mark of a step that was planned from it. */
function toGoAfter(word: Said, { now, derived, system }: Scene): Said {
  const step = now.steps[now.step];
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
  { system, kit = [] }: Pick<BenchTools, 'system'> & Partial<Pick<BenchTools, 'kit'>>,
): BenchWord {
  const now = alongRoute(stored, derived);
  const names = edgeNamesOf(ring.kind);
  const scene: Scene = { ring, stored, now, finding: findingOf(ring, stored), derived, system, names, kit };
  const step = now.steps[now.step];
  const { spent } = now;
  const { allowanceStrainLog } = ring;
  const softens = mayAnneal(ring);
  // What cannot be softened has to bear the correction too.
  const more = !softens && derived.kind === 'changed' ? derived.steps[0] : undefined;
  const bears = more ? spend(spent, more.kind, more.strainCutEdge, more.strainRimEdge) : spent;
  const annealComes = now.steps.slice(now.step, now.step + 2).some(({ kind }) => kind === 'anneal');
  const { standing, toGo, advice } = gaugeWords(
    toGoAfter(saidOf(scene), scene),
    fullest(bears) / allowanceStrainLog,
    softens,
    annealComes,
  );
  const target = targetOf(scene);
  return {
    step: step && { index: now.step, kind: step.kind, title: step.title, ...toolAtHand(now, kit, step) },
    stopAt: step && stopAt(step, system),
    standing,
    toGo,
    advice,
    gauge: { cutEdge: spent.cut / allowanceStrainLog, rimEdge: spent.rim / allowanceStrainLog },
    mayAnneal: softens,
    target: { insideDiameterMm: target, mark: writeSize(target, system) },
    rest: now.steps.slice(now.step + 1),
    derived,
    state: now,
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
