import type { RISK_CODES } from './codes';
import { arcWidthMm, cutEdge, rimEdge, type Meridian } from '../forming';
import { THIN_STOCK_MM } from '../metal';
import { RISK_WORDS } from './spoil-words';
import type { StepKind } from './step-kind';

export type RiskCode = (typeof RISK_CODES)[number];

/** A way in which a step may spoil the ring. Graded, not forbidden: the log corrects where it cries wolf. */
export interface SpoilRisk {
  readonly code: RiskCode;
  readonly message: string;
}

/**
 * Crowding of the rim per stroke times slenderness of the land. There is no proven threshold: formulas for an
 * unsupported flange cry wolf, since dies hold the wall (craft §3). Above this the stroke is worth a warning.
 */
export const WRINKLE_INDEX = 0.6;
/** A ball in its hollow holds the washer over its whole face: half the tendency. */
const HELD_BY_HOLLOW = 0.5;
/** Total stretch of the cut edge from which cracks have been worth looking for at every pull: λ = 1.65. */
const MUCH_STRETCHED_LOG = 0.5;
/** Outside room between the ring's largest moment and the coin, mm. */
const LITTLE_ROOM_MM = 0.3;

export interface RiskQuestion {
  readonly kind: StepKind;
  readonly from: Meridian;
  readonly to: Meridian;
  readonly passes: number;
  readonly heldByHollow?: boolean;
  readonly coinDiameterMm: number;
  readonly workingThicknessMm: number;
}

type FoldQuestion = Pick<RiskQuestion, 'from' | 'to' | 'passes' | 'heldByHollow'>;

/** How much the rim is crowded by each stroke of a move while it stands free, true strain. */
function crowdingPerStroke({ from, to, passes }: FoldQuestion): number {
  return Math.max(0, -Math.log(rimEdge(to).meanRadiusMm / rimEdge(from).meanRadiusMm)) / passes;
}

function slendernessOf(wall: Meridian): number {
  return arcWidthMm(wall) / rimEdge(wall).thicknessMm;
}

/** Tendency of a fold to wrinkle, against {@link WRINKLE_INDEX}: crowding a stroke times slenderness of the land. */
export function wrinkleIndex(question: FoldQuestion): number {
  const held = question.heldByHollow ? HELD_BY_HOLLOW : 1;
  return crowdingPerStroke(question) * slendernessOf(question.from) * held;
}

function wrinkle(question: FoldQuestion): readonly SpoilRisk[] {
  if (wrinkleIndex(question) <= WRINKLE_INDEX) return [];
  const crowding = crowdingPerStroke(question);
  const slenderness = slendernessOf(question.from);
  return [
    {
      code: 'wrinkle',
      message: RISK_WORDS.wrinkle(crowding, slenderness),
    },
  ];
}

function crack({ kind, from, to, workingThicknessMm }: RiskQuestion): readonly SpoilRisk[] {
  const stretched = cutEdge(to).strainLog;
  if (stretched > MUCH_STRETCHED_LOG && stretched > cutEdge(from).strainLog) {
    return [
      {
        code: 'crack',
        message: RISK_WORDS.stretched(Math.exp(stretched)),
      },
    ];
  }
  if (workingThicknessMm < THIN_STOCK_MM && kind === 'stretch') {
    return [{ code: 'crack', message: RISK_WORDS.thin }];
  }
  return [];
}

function nearCoin({ to, coinDiameterMm }: RiskQuestion): readonly SpoilRisk[] {
  const roomMm = coinDiameterMm - rimEdge(to).outsideDiameterMm;
  if (roomMm >= LITTLE_ROOM_MM) return [];
  return [
    {
      code: 'rim-near-coin',
      message: RISK_WORDS.nearCoin(Math.max(0, roomMm)),
    },
  ];
}

/** What may go wrong in a move of the wall. */
export function spoilRisks(question: RiskQuestion): readonly SpoilRisk[] {
  switch (question.kind) {
    case 'fold':
      return [...wrinkle(question), ...crack(question)];
    case 'stepped':
      return crack(question);
    case 'stretch':
    case 'straighten':
      return [...crack(question), ...nearCoin(question)];
    default:
      return [];
  }
}
