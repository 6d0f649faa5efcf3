import {
  arcWidthMm,
  curlDropMm,
  cutEdge,
  rimEdge,
  type CoinRingInput,
  type FinishingSchool,
} from '../forming';
import type { Kit } from '../kit';
import { doneBody, type RingEventBody, strainedUse } from '../ring';
import { ringAllowance, simulateMoves } from '../route';
import { type BenchTraits, funnelsOf, movesWall, pastMarkMm, type RouteStep, turnedDeg } from '../steps';
import { CRACK_AT, normalDeviate, type Random } from '../uncertainty';
import type { BenchTruth } from './bench-truth';

/** A ring that was planned and is now made at a made-up bench. */
export interface RingToMake {
  readonly input: CoinRingInput;
  readonly school: FinishingSchool;
  readonly moves: readonly string[];
  readonly steps: readonly RouteStep[];
  readonly kit: Kit;
}

/** What happened, with the minutes since the ring was begun. */
export interface TimedEvent {
  readonly minute: number;
  readonly body: RingEventBody;
}

/** A maker reads to an eighth of a quarter size with a good mandrel, mm. */
const READ_TO_MM = 0.025;
/** A crack that is seen in time. */
const SEEN_CRACK_MM = 0.3;
/** Minutes of looking and noting between two steps. */
const BETWEEN_MIN = 0.4;

const rounded = (value: number, step: number) => Math.round(value / step) * step;

/** By how much larger this bench's die leaves a funnel than was planned, mm. */
function growthHere({ contact, funnel }: RouteStep, traits: BenchTraits): number {
  return contact?.kind === 'fold-die' ? funnelsOf(traits, contact).growthMm - (funnel?.growthMm ?? 0) : 0;
}

/**
 * Makes a ring step by step as its route says, at a bench with its own truth: the hand stops at the reading it was told,
 * so that the size follows the route, while width, edges, lips, curls, springback, minutes and cracks follow the truth.
 */
export function simulateRing(ring: RingToMake, truth: BenchTruth, random: Random): readonly TimedEvent[] {
  const { input, school, moves, steps, kit } = ring;
  const { traits } = truth;
  const draw = (sigma: number) => sigma * normalDeviate(random);
  const finished = simulateMoves(input, { kit, school, moves, traits }).finished;
  const widthMm = arcWidthMm(finished);
  const crackAt =
    CRACK_AT.median * (traits.allowanceFactor[input.coin.metal] ?? 1) * Math.exp(draw(truth.crackLog));
  const uses = strainedUse(steps, ringAllowance(input.coin));
  const events: TimedEvent[] = [];
  const trueUp = steps.findLastIndex(({ kind }) => kind === 'true-up');
  let minute = 0;
  let edges = { rim: 0, cut: 0 };
  let straight: typeof edges | undefined;
  let cracked = false;
  const log = (body: RingEventBody) => events.push({ minute, body });

  steps.forEach((step, index) => {
    const usual = traits.handsOnMin[step.kind] ?? step.handsOnMin;
    minute += usual * Math.exp(draw(truth.minutesLog)) + step.waitMin;
    if (!cracked && (uses[index] ?? 0) > crackAt) {
      cracked = true;
      log({ kind: 'trouble', symptom: 'crack-at-cut-edge', crackMm: SEEN_CRACK_MM });
    }
    if (step.reading && (step.kind !== 'fold' || step.pieceState?.stage === 'funnel')) {
      const planned = { rim: step.reading.rimDownMm, cut: step.reading.cutDownMm };
      const hand = draw(truth.handMm);
      if (step.kind === 'trim') {
        edges = { rim: edges.rim + traits.trimGainMm + hand, cut: edges.cut };
      } else if (step.kind === 'curl' && step.contact?.kind === 'curl-die' && !step.pieceState?.pushedMm) {
        const turned = curlDropMm(widthMm, turnedDeg(traits, step.contact.angleDeg));
        straight ??= edges;
        edges = { rim: straight.rim - turned + hand, cut: straight.cut - turned + hand };
      } else if (step.kind === 'fold') {
        // Pressed home into the die: its size is the die's, not the hand's.
        const grown = growthHere(step, traits) + draw(truth.foldMm);
        edges = { rim: planned.rim + grown, cut: planned.cut + grown };
      } else if (movesWall(step)) {
        const { kind, springbackMm: back = 0, springbackFactor = 1 } = step;
        const past = pastMarkMm(step) - (back / springbackFactor) * (traits.springbackFactor[kind] ?? 1);
        const more = kind === 'stretch' || kind === 'straighten' ? past : -past;
        edges = { rim: planned.rim + more + hand, cut: planned.cut + more + hand };
      } else {
        // Trued up and read: the maker has brought it to its size.
        const ends = index >= trueUp ? (truth.endsMm ?? 0) - (steps[trueUp]?.endsMm ?? 0) : 0;
        edges = { rim: planned.rim + ends + hand, cut: planned.cut + ends + hand };
      }
      if (step.kind !== 'curl') straight = undefined;
      const seen = (mm: number) => rounded(mm + (truth.gaugeMm ?? 0) + draw(truth.readingMm), READ_TO_MM);
      log({ kind: 'reading', rimDownMm: seen(edges.rim), cutDownMm: seen(edges.cut), mark: 'leading' });
    }
    log(doneBody(step.kind, index));
    minute += BETWEEN_MIN * random();
  });
  log({
    kind: 'measured',
    bandWidthMm: rounded(widthMm * (1 + draw(truth.widthShare)), 0.01),
    thicknessCutEdgeMm: rounded(cutEdge(finished).thicknessMm * (1 + draw(truth.edgeShare)), 0.01),
    thicknessRimEdgeMm: rounded(rimEdge(finished).thicknessMm * (1 + draw(truth.edgeShare)), 0.01),
  });
  log({ kind: 'finished' });
  return events;
}
