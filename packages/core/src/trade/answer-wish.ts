import { mostHoleMm, spoiltMarks } from '../faces';
import { rangeWords } from '../forming';
import { metalById } from '../metal';
import { pieceFitsWish, searchStock, type RingWish, type SearchOption } from '../search';
import { writeSize, type SizeSystemId } from '../size';
import { workWays, type WorkWay } from '../ways';
import { answerByWork } from './make-work';
import { coinReach, coinWidths } from './reach';
import type {
  CustomerWish,
  WishAnswer,
  WishBench,
  WishCoin,
  WishKind,
  WishOption,
  WishRefusal,
} from './wish';
import { CHANGE_WORDS, REFUSED_WORDS } from './wish-words';

/** As many are offered: a customer who has to choose among twenty chooses none. */
const MOST_OFFERED = 3;
/** Searched deeper than what is offered: one piece often fills several places. */
const MOST_SEARCHED = 8;
/** However much is offered, so many other kinds of work are shown beside it. */
const LEAST_OTHERS = 1;
/** As many pieces are explained when none will do. */
const MOST_EXPLAINED = 6;

type CoinStockPiece = WishCoin;

function ringWish(wish: CustomerWish, bench: WishBench): RingWish {
  const { targetInsideDiameterMm, wall, widthMm, year, metal, face, mayCut } = wish;
  return {
    targetInsideDiameterMm,
    wall,
    widthMm,
    year,
    metal,
    face,
    mayCut,
    school: 'best',
    traits: bench.traits,
  };
}

function coinsOf({ stock }: WishBench, { stockId }: CustomerWish): readonly CoinStockPiece[] {
  return stock.filter(
    (piece): piece is CoinStockPiece =>
      piece.kind === 'coin' &&
      piece.quantity > 0 &&
      piece.may?.fold !== 'no' &&
      (stockId === undefined || piece.id === stockId),
  );
}

/** The best hole of each piece. */
function onePerPiece(options: readonly SearchOption[]): readonly SearchOption[] {
  return options.filter(({ stockId }, i) => options.findIndex((other) => other.stockId === stockId) === i);
}

function* searched(
  wish: CustomerWish,
  bench: WishBench,
  changesOf: (option: SearchOption, piece: CoinStockPiece) => readonly string[],
): Generator<number, readonly WishOption[]> {
  const coins = coinsOf(bench, wish);
  const found = yield* searchStock(coins, bench.kit, ringWish(wish, bench), { most: MOST_SEARCHED });
  return onePerPiece(found)
    .slice(0, MOST_OFFERED)
    .flatMap((option): readonly WishOption[] => {
      const piece = coins.find(({ id }) => id === option.stockId);
      if (!piece) return [];
      const { stockId, holeMm, school, bandWidthMm, annealCount, minutes, price, why } = option;
      return [
        {
          stockId,
          name: piece.name,
          plan: { kind: 'coin', holeMm, wall: wish.wall, school },
          bandWidthMm,
          annealCount,
          handsOnMin: minutes,
          price,
          why,
          changes: changesOf(option, piece),
        },
      ];
    });
}

interface Relaxed {
  readonly wish: CustomerWish;
  readonly changesOf: (option: SearchOption, piece: CoinStockPiece) => readonly string[];
}

/** The wish with one thing given up at a time, then with all but the size. */
function relaxations(wish: CustomerWish, hasMarks: boolean): readonly Relaxed[] {
  const { widthMm, year, metal, face, wall } = wish;
  const hasWidth = widthMm.min !== undefined || widthMm.max !== undefined;
  const width = ({ bandWidthMm }: SearchOption) => CHANGE_WORDS.width(bandWidthMm, widthMm);
  const yearOf = (_option: SearchOption, piece: CoinStockPiece) => CHANGE_WORDS.year(piece.year, year);
  const metalOf = (_option: SearchOption, piece: CoinStockPiece) =>
    CHANGE_WORDS.metal(metalById(piece.metal).name, metalById(metal ?? piece.metal).name);
  const single: Relaxed[] = [
    ...(hasWidth ? [{ wish: { ...wish, widthMm: {} }, changesOf: (o: SearchOption) => [width(o)] }] : []),
    ...(year === undefined
      ? []
      : [
          {
            wish: { ...wish, year: undefined },
            changesOf: (o: SearchOption, p: CoinStockPiece) => [yearOf(o, p)],
          },
        ]),
    ...(metal === undefined
      ? []
      : [
          {
            wish: { ...wish, metal: undefined },
            changesOf: (o: SearchOption, p: CoinStockPiece) => [metalOf(o, p)],
          },
        ]),
    ...(face === undefined
      ? []
      : [
          {
            wish: { ...wish, face: undefined },
            changesOf: () => [CHANGE_WORDS.face(face)],
          },
        ]),
    ...(wall.kind === 'straight'
      ? []
      : [
          {
            wish: { ...wish, wall: { kind: 'straight' } as const },
            changesOf: () => [CHANGE_WORDS.wall(wall.kind)],
          },
        ]),
    ...(hasMarks
      ? [
          {
            wish: { ...wish, mayCut: true },
            changesOf: ({ holeMm }: SearchOption, piece: CoinStockPiece) =>
              spoiltMarks(piece, holeMm).map(CHANGE_WORDS.cut),
          },
        ]
      : []),
  ];
  if (single.length < 2) return single;
  const anything: Relaxed = {
    wish: { ...wish, widthMm: {}, year: undefined, metal: undefined, face: undefined },
    changesOf: (option, piece) => [
      ...(hasWidth ? [width(option)] : []),
      ...(year === undefined || piece.year === year ? [] : [yearOf(option, piece)]),
      ...(metal === undefined || piece.metal === metal ? [] : [metalOf(option, piece)]),
    ],
  };
  return [...single, anything];
}

/** Why a coin that was meant does not do. */
function coinRefusal(
  piece: CoinStockPiece,
  wish: CustomerWish,
  { kit }: WishBench,
  system: SizeSystemId,
): WishRefusal {
  const { id: stockId, name } = piece;
  const because = (why: string) => ({ stockId, name, why });
  const { refusal } = metalById(piece.metal);
  if (refusal) return because(refusal);
  const reach = coinReach(piece, kit, wish.wall);
  const size = (mm: number) => writeSize(mm, system);
  if (!reach) return because(REFUSED_WORDS.nothingLeft);
  const target = wish.targetInsideDiameterMm;
  if (target < reach.min || target > reach.max) {
    return because(REFUSED_WORDS.outOfReach(rangeWords(reach, size), size(target)));
  }
  const widths = coinWidths(piece, kit, target, wish.wall);
  if (!widths) return because(REFUSED_WORDS.notWithWall(size(target)));
  const bands = REFUSED_WORDS.bands(size(target), widths.min.toFixed(1), widths.max.toFixed(1));
  const mostMm = mostHoleMm(piece);
  const marks = (piece.mustStay ?? []).map(({ name }) => name);
  return because(Number.isFinite(mostMm) ? `${bands} ${REFUSED_WORDS.holeAtMost(marks, mostMm)}` : bands);
}

/** Works that answer a kind of wish as it was asked. */
const OWN_KINDS: Readonly<Record<WishKind, readonly WorkWay['kind'][]>> = {
  coin: [],
  handle: ['handle'],
  strip: ['strip'],
  band: [],
};

function* coinAnswer(
  wish: CustomerWish,
  bench: WishBench,
  system: SizeSystemId,
): Generator<number, WishAnswer> {
  const options = yield* searched(wish, bench, () => []);
  const alternatives: WishOption[] = [];
  const known = () => [...options, ...alternatives].map(({ stockId }) => stockId);
  if (options.length < MOST_OFFERED) {
    const hasMarks = coinsOf(bench, wish).some(({ mustStay }) => mustStay && mustStay.length > 0);
    for (const { wish: other, changesOf } of relaxations(wish, hasMarks)) {
      if (alternatives.length >= MOST_OFFERED) break;
      const found = yield* searched(other, bench, changesOf);
      const fresh =
        found.find(({ stockId }) => !known().includes(stockId)) ??
        (options.length === 0 ? found[0] : undefined);
      if (fresh && fresh.changes.length > 0) alternatives.push(fresh);
    }
  }
  const intended = coinsOf(bench, wish).filter((piece) =>
    pieceFitsWish(piece, { ...ringWish(wish, bench), widthMm: {} }),
  );
  const made = options.map(({ stockId }) => stockId);
  const whyNot = intended
    .filter(({ id }) => !made.includes(id))
    .slice(0, MOST_EXPLAINED)
    .map((piece) => coinRefusal(piece, wish, bench, system));
  return { options, alternatives, whyNot: options.length > 0 ? [] : whyNot };
}

function workAnswer(kind: 'handle' | 'strip' | 'band', wish: CustomerWish, bench: WishBench): WishAnswer {
  const { options, whyNot } = answerByWork(kind, wish, bench);
  return {
    options: options.filter(({ changes }) => changes.length === 0).slice(0, MOST_OFFERED),
    alternatives: options.filter(({ changes }) => changes.length > 0).slice(0, MOST_OFFERED),
    whyNot: whyNot.slice(0, MOST_EXPLAINED),
  };
}

/** The best of each kind of work, by its points, but for the kinds that were asked for. */
function onePerKind(ways: readonly WorkWay[], not: readonly WorkWay['kind'][]): readonly WorkWay[] {
  return ways.filter(
    ({ kind }, i) => !not.includes(kind) && ways.findIndex((other) => other.kind === kind) === i,
  );
}

/**
 * Other works of whatever is in the drawer: as wide as wished for, else as they come, else a coin ring.
 * @param most so many at most: what comes after them is not looked for
 */
function* otherKinds(
  wish: CustomerWish,
  bench: WishBench,
  most: number,
): Generator<number, readonly WishOption[]> {
  const { targetInsideDiameterMm, wall, widthMm, finish, stockId, kind: wished } = wish;
  const { stock, kit, traits, system } = bench;
  const drawer = stock.filter((piece) => piece.kind !== 'band');
  const asked = { targetInsideDiameterMm, wall, finish, traits };
  // Who sends a piece in wants that one worked.
  const works = (width: CustomerWish['widthMm']) =>
    workWays(drawer, kit, { ...asked, widthMm: width }, { system, stockId });
  const change = ({ kind }: WorkWay) => CHANGE_WORDS.kind(kind, wished);
  const asWide = onePerKind(yield* works(widthMm), OWN_KINDS[wished]);
  const found = asWide.map((way) => optionOfWork(way, [change(way)]));
  if (found.length < most && (widthMm.min !== undefined || widthMm.max !== undefined)) {
    const known = [...OWN_KINDS[wished], ...asWide.map(({ kind }) => kind)];
    const asTheyCome = onePerKind(yield* works({}), known);
    found.push(
      ...asTheyCome.map((way) =>
        optionOfWork(way, [change(way), CHANGE_WORDS.width(way.bandWidthMm, widthMm)]),
      ),
    );
  }
  if (found.length < most && wished !== 'coin') {
    const anyCoin = { ...wish, year: undefined, metal: undefined };
    const coins = yield* searched(anyCoin, bench, () => [CHANGE_WORDS.kind('coin', wished)]);
    found.push(...coins.slice(0, 1));
  }
  return found.slice(0, most);
}

function optionOfWork(
  { stockId, piece: { name }, work, bandWidthMm, annealCount, minutes, price, why }: WorkWay,
  changes: readonly string[],
): WishOption {
  return { stockId, name, plan: work, bandWidthMm, annealCount, handsOnMin: minutes, price, why, changes };
}

/**
 * What a maker can say to a customer: what is possible from stock, what is not and why, and what comes near.
 * @param system size system that refusals are written in
 * @yields progress, 0 to 1 of each of its searches
 */
export function* answerWish(
  wish: CustomerWish,
  benchOf: WishBench,
  system: SizeSystemId,
): Generator<number, WishAnswer> {
  yield 0;
  const bench = { ...benchOf, system };
  const answer =
    wish.kind === 'coin' ? yield* coinAnswer(wish, bench, system) : workAnswer(wish.kind, wish, bench);
  // Whoever wants a ring resized wants no other ring.
  if (wish.kind === 'band') return answer;
  const offered = answer.options.length + answer.alternatives.length;
  const more = yield* otherKinds(wish, bench, Math.max(LEAST_OTHERS, MOST_OFFERED - offered));
  return { ...answer, alternatives: [...answer.alternatives, ...more] };
}
