import {
  COIN_EDGES,
  type EdgeNames,
  movesWall,
  pastMarkMm,
  type RouteStep,
  type StepKind,
  type TakenStep,
} from '../steps';
import { markMm, OFF_MARK_MM, writeAmount, writeSize, type SizeSystemId } from '../size';
import { expectedReading } from '../ring';
import { PAST_WORDS, STOP_WORDS } from './stop-words';

/** The stopping mark of a step: what the mandrel will read (craft §13). */
export interface StopAt {
  /** The edge that goes down the mandrel first. */
  readonly edgeDown: 'rim' | 'cut' | 'either';
  readonly insideDiameterMm: number;
  readonly mark: string;
  /** What it reads the other way round; left out where both are alike. */
  readonly otherWayRoundMm?: number;
}

/** Kinds of step that end on the mandrel, though rings begun before routes told it have no reading with them. */
const SIZED: readonly StepKind[] = [
  'stretch',
  'straighten',
  'reduce',
  'stepped',
  'curl',
  'trim',
  'true-up',
  'read',
];

/** Steps that end on the mandrel. */
export function isRead({ kind, reading }: Pick<RouteStep, 'kind' | 'reading'>): boolean {
  return reading !== undefined || SIZED.includes(kind);
}

/** The edge that a step is about: what its die takes first, or what moves most. */
function edgeOf(step: RouteStep): 'rim' | 'cut' {
  const { contact, before, after, kind } = step;
  if (contact?.kind === 'die' && contact.leading !== 'both') return contact.leading;
  // A funnel is hung on the mandrel by its wide end.
  if (kind === 'fold') return 'rim';
  const rim = Math.abs(after.rimInsideDiameterMm - before.rimInsideDiameterMm);
  const cut = Math.abs(after.cutInsideDiameterMm - before.cutInsideDiameterMm);
  return cut > rim ? 'cut' : 'rim';
}

/** @returns undefined where nothing can be read: punch, deburr, bath */
export function stopAt(step: RouteStep, system: SizeSystemId): StopAt | undefined {
  if (!isRead(step)) return undefined;
  const { rimDownMm, cutDownMm } = expectedReading(step);
  const told = (insideDiameterMm: number) => ({
    insideDiameterMm,
    mark: writeSize(insideDiameterMm, system),
  });
  if (Math.abs(rimDownMm - cutDownMm) < OFF_MARK_MM / 2 || sameMark(rimDownMm, cutDownMm, system)) {
    return { edgeDown: 'either', ...told((rimDownMm + cutDownMm) / 2) };
  }
  const edgeDown = edgeOf(step);
  return edgeDown === 'rim'
    ? { edgeDown, ...told(rimDownMm), otherWayRoundMm: cutDownMm }
    : { edgeDown, ...told(cutDownMm), otherWayRoundMm: rimDownMm };
}

function sameMark(a: number, b: number, system: SizeSystemId): boolean {
  return writeSize(a, system) === writeSize(b, system) && Math.abs(a - b) < OFF_MARK_MM;
}

/** Which way round the mark is read: "rim edge down; US 7½ the other way round". */
export function wayRoundWords(
  { edgeDown, otherWayRoundMm }: StopAt,
  system: SizeSystemId,
  names: EdgeNames = COIN_EDGES,
): string {
  return edgeDown === 'either' || otherWayRoundMm === undefined
    ? STOP_WORDS.bothWays
    : STOP_WORDS.way(names[edgeDown], writeSize(otherWayRoundMm, system));
}

/** How far from its mark a tool is taken, and why. */
export interface PastMark {
  /** "half a mark past", "about ¼ size short of" */
  readonly words: string;
  readonly why: string;
}

function whyPast({ kind, gaugeMm = 0, endsMm = 0 }: TakenStep): string {
  if (kind === 'true-up') return PAST_WORDS.ends(endsMm > 0);
  if (gaugeMm === 0) return PAST_WORDS.springs;
  return PAST_WORDS.gauge(gaugeMm > 0, kind === 'stretch' ? 'stretcher' : 'plate');
}

/**
 * How far past its mark a tool is taken, in the maker's own steps; undefined where that is too little to do, and where
 * nothing is formed or trued up.
 */
export function pastMark(
  step: TakenStep & Pick<RouteStep, 'strainCutEdge' | 'strainRimEdge'>,
  system: SizeSystemId,
): PastMark | undefined {
  if (!movesWall(step) && step.kind !== 'true-up') return undefined;
  const mm = pastMarkMm(step);
  const halfMarks = Math.round(Math.abs(mm) / (markMm(system) / 2));
  if (halfMarks === 0) return undefined;
  const amount = halfMarks === 1 ? undefined : writeAmount(Math.abs(mm), system);
  return { words: PAST_WORDS.by(amount, mm > 0), why: whyPast(step) };
}

/** "US 7¾, rim edge down; US 7½ the other way round", or one mark where both are alike. */
export function stopWords(stop: StopAt, system: SizeSystemId, names: EdgeNames = COIN_EDGES): string {
  return `${stop.mark}, ${wayRoundWords(stop, system, names)}`;
}

/** ", to US 8½" after a step that ends on the mandrel; nothing after others. */
export function toMark(step: RouteStep, system: SizeSystemId): string {
  const stop = stopAt(step, system);
  return stop ? STOP_WORDS.toMark(stop.mark) : '';
}

/** What to do next to a ring: its step at hand; undefined where all are done. */
export function nextWords(step: RouteStep | undefined, system: SizeSystemId): string {
  return step ? `${step.title}${toMark(step, system)}` : STOP_WORDS.finish;
}

/** How far a ring has come: "step 3 of 12"; behind its last step it stays there. */
export function placeWords({
  steps,
  step,
}: {
  readonly steps: readonly unknown[];
  readonly step: number;
}): string {
  return STOP_WORDS.place(Math.min(step + 1, steps.length), steps.length);
}
