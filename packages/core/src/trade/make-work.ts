import { countWords, workWords } from '../format';
import { planWork, STOCK_FOR, type Work, type WorkKind, type WorkPiece } from '../work';
import type { CustomerWish, WishBench, WishOption, WishPiece, WishRefusal } from './wish';

/** What is made of each kind of stock when nobody says more: the plain way. */
const PLAIN_WORK: Readonly<Record<'handle' | 'strip' | 'band', Work>> = {
  handle: { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'round' },
  strip: { kind: 'strip', textured: false, seamMm: 0.3 },
  band: { kind: 'resize', cover: 'cloth' },
};

type Answer = { readonly option: WishOption } | { readonly refusal: WishRefusal };

/** Widths of handle, strip and band are what they are: a wish for another is a change, within this nobody minds, mm. */
const WIDTH_TOLERANCE_MM = 0.3;

function widthChange(widthMm: number, { min, max }: CustomerWish['widthMm']): string | undefined {
  const under = min !== undefined && widthMm < min - WIDTH_TOLERANCE_MM;
  const over = max !== undefined && widthMm > max + WIDTH_TOLERANCE_MM;
  return under || over ? `${widthMm.toFixed(1)} mm wide` : undefined;
}

function answerOf(piece: WishPiece & WorkPiece, work: Work, wish: CustomerWish, bench: WishBench): Answer {
  const { id: stockId, name } = piece;
  const { targetInsideDiameterMm, finish } = wish;
  const plan = planWork({ work, piece, targetInsideDiameterMm, finish }, bench, piece.may);
  if (!plan.feasible) {
    const why = plan.reasons.filter(({ level }) => level === 'refuse').map(({ message }) => message);
    return { refusal: { stockId, name, why: why.join(' ') } };
  }
  const change = widthChange(plan.prediction.bandWidthMm, wish.widthMm);
  return {
    option: {
      stockId,
      name,
      plan: work,
      bandWidthMm: plan.prediction.bandWidthMm,
      annealCount: plan.totals.anneals,
      handsOnMin: plan.totals.handsOnMin,
      price: piece.price ?? undefined,
      why: `${countWords(plan.totals.anneals, 'anneal')}, ${workWords(plan.totals.handsOnMin)}.`,
      changes: change ? [change] : [],
    },
  };
}

/** Pieces of a kind of stock that a wish could mean. */
function meant(stock: readonly WishPiece[], kind: WorkKind, { metal, year, stockId }: CustomerWish) {
  return stock.filter(
    (piece) =>
      piece.kind === STOCK_FOR[kind] &&
      piece.quantity > 0 &&
      (stockId === undefined || piece.id === stockId) &&
      (metal === undefined || piece.metal === metal) &&
      (year === undefined || piece.year === year),
  );
}

/** What handles, strips or bands of the drawer make of a wish, each in the plain way. */
export function answerByWork(
  kind: keyof typeof PLAIN_WORK,
  wish: CustomerWish,
  bench: WishBench,
): { readonly options: readonly WishOption[]; readonly whyNot: readonly WishRefusal[] } {
  const work = PLAIN_WORK[kind];
  const answers = meant(bench.stock, work.kind, wish).map((piece) => answerOf(piece, work, wish, bench));
  return {
    options: answers
      .flatMap((answer) => ('option' in answer ? [answer.option] : []))
      .sort((a, b) => a.changes.length - b.changes.length || a.handsOnMin - b.handsOnMin),
    whyNot: answers.flatMap((answer) => ('refusal' in answer ? [answer.refusal] : [])),
  };
}
