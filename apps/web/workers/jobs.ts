import { sizeMap, type SizeMapQuestion } from '@round-mint/core/search';
import { rankWays, type WayPiece, type WayWish } from '@round-mint/core/ways';
import { part, ringChances, type ChancesQuestion } from '@round-mint/core/uncertainty';
import {
  makeSchedule,
  promiseDate,
  type PromiseAnswer,
  type PromiseQuestion,
  type Shop,
} from '@round-mint/core/schedule';
import type { SizeSystemId } from '@round-mint/core/size';
import { answerWish, type CustomerWish, type WishBench } from '@round-mint/core/trade';
import {
  centreByPicture,
  findOutline,
  findRim,
  type CentrePicture,
  type FoundOutline,
  type FoundRim,
  type RgbaImage,
} from '@round-mint/core/photo';
import { reachAt, type OutlineReach } from '@round-mint/core/handle';
import { judge, type Game, type Score } from '@round-mint/core/practice';
import {
  bandPicture,
  type BandScene,
  drawHandleRing,
  drawRing,
  type HandleRingScene,
  type Relief,
  reliefOf,
  type RingLook,
  type RingScene,
  type StillView,
  stripRelief,
  surfaceTexture,
} from '@round-mint/core/ring-picture';
import type { CoinRingInput } from '@round-mint/core/forming';
import {
  guessCoin,
  planFrom,
  type PartlyKnownCoin,
  type StartedFrom,
  type StartedPlan,
  type StartOptions,
} from '@round-mint/core/half-made';
import { mandrelOf, type Kit } from '@round-mint/core/kit';
import type { Coin } from '@round-mint/core/stock';
import { type Finding, replanning, type RingInWork } from '@round-mint/core/replan';
import {
  type BenchTools,
  deriveRoute,
  type DerivedRoute,
  type Finding as BenchFinding,
  type RingAtBench,
  storedState,
} from '@round-mint/core/bench';

export interface SearchQuestion {
  readonly drawer: readonly WayPiece[];
  readonly kit: Kit;
  readonly wish: WayWish;
  /** Size system that reasons are told in. */
  readonly system: SizeSystemId;
}

export interface ReplanQuestion {
  readonly ring: RingInWork;
  readonly finding: Finding;
}

/** What follows from what was found at a ring last. */
export interface DeriveQuestion {
  readonly ring: RingAtBench;
  readonly finding: BenchFinding;
  readonly tools: BenchTools;
}

/** A piece that is begun half-way; of its coin perhaps only the metal is known. */
export interface BeginQuestion {
  readonly coin: PartlyKnownCoin;
  readonly started: StartedFrom;
  readonly wish: Omit<CoinRingInput, 'coin'>;
  readonly options: StartOptions;
}

/** The coin as it is known or guessed, and the rest of its ring. */
export interface BeginAnswer {
  readonly coin: Coin;
  readonly plan: StartedPlan;
}

/** A ring's picture, from a coin or from a handle; or a coin ring's band. */
export interface RingStillQuestion {
  readonly scene: RingScene | HandleRingScene;
  readonly view: StillView;
}
export interface BandQuestion {
  readonly scene: BandScene;
  readonly pxPerMm: number;
}

/** A photograph of a punched piece, and what is known of it. */
export interface CentreQuestion {
  readonly image: RgbaImage;
  readonly diameterMm: number;
  readonly holeMm: number;
}

/** A handle's picture from above, laid straight, and how far it reaches to both sides. */
export interface StripReliefQuestion {
  readonly image: RgbaImage;
  readonly outline: readonly OutlineReach[];
}

function reliefOfStrip(image: RgbaImage, outline: readonly OutlineReach[]): Relief {
  // Reaches are told of the length; the picture is as long as the handle.
  const halfOfLength = image.heightPx / image.widthPx / 2;
  return stripRelief(image, (at) => {
    const { left, right } = reachAt(outline, at);
    return { above: left / halfOfLength, below: right / halfOfLength };
  });
}

/** A face's surface for a viewer in the round. */
export interface TextureQuestion {
  readonly relief: Relief;
  readonly look: RingLook;
  readonly side: 'outside' | 'inside';
}

function beginFrom({ coin: known, started, wish, options }: BeginQuestion): BeginAnswer {
  const coin = guessCoin(known, started, wish.holeMm, mandrelOf(options.kit));
  return { coin, plan: planFrom({ ...wish, coin }, started, options) };
}

export interface WishQuestion {
  readonly wish: CustomerWish;
  readonly bench: WishBench;
  readonly system: SizeSystemId;
}

/** Shares of the work of a promise: the day plan it builds on, and the runs of the shop. */
const PROMISE_PLANNED = 0.5;
/** A promise needs no perfect plan: what is not found here, real work strays from anyway. */
const PROMISE_TRIES = 600;

/** The day plan of what was promised before, and the new ring run behind it. */
function* promised({ shop, job }: Pick<PromiseQuestion, 'shop' | 'job'>): Generator<number, PromiseAnswer> {
  const planning = makeSchedule(shop, { tries: PROMISE_TRIES, exact: false });
  const { order, tooLong } = yield* part(planning, 0, PROMISE_PLANNED);
  const jobs = shop.jobs.filter(({ id }) => !tooLong.includes(id));
  return yield* part(promiseDate({ shop: { ...shop, jobs }, order, job }), PROMISE_PLANNED, 1);
}

/** One answer, without stops on the way. */
function* inOneGo<T>(work: () => T): Generator<number, T> {
  yield 0;
  return work();
}

/** The rest of several rings' routes, one after the other; by the ring's place in the list. */
function* deriveAll(questions: readonly DeriveQuestion[]): Generator<number, readonly DerivedRoute[]> {
  const derived: DerivedRoute[] = [];
  for (const { ring, finding, tools } of questions) {
    yield derived.length / questions.length;
    derived.push(yield* deriveRoute(ring, storedState(ring), finding, tools));
  }
  return derived;
}

/** Work that takes longer than the page may be held up; each yields its progress, 0 to 1. */
export const JOBS = {
  chances: (question: ChancesQuestion) => ringChances(question),
  search: ({ drawer, kit, wish, system }: SearchQuestion) => rankWays(drawer, kit, wish, { system }),
  sizeMap: (question: SizeMapQuestion) => sizeMap(question),
  wish: ({ wish, bench, system }: WishQuestion) => answerWish(wish, bench, system),
  schedule: (shop: Shop) => makeSchedule(shop),
  promise: (question: Pick<PromiseQuestion, 'shop' | 'job'>) => promised(question),
  practiceScore: ({ game }: { readonly game: Game }) => inOneGo<Score>(() => judge(game)),
  replan: ({ ring, finding }: ReplanQuestion) => replanning(ring, finding),
  begin: (question: BeginQuestion) => inOneGo<BeginAnswer>(() => beginFrom(question)),
  relief: (face: RgbaImage) => inOneGo<Relief>(() => reliefOf(face)),
  ringStill: ({ scene, view }: RingStillQuestion) =>
    'solid' in scene ? drawHandleRing(scene, view) : drawRing(scene, view),
  stripRelief: ({ image, outline }: StripReliefQuestion) =>
    inOneGo<Relief>(() => reliefOfStrip(image, outline)),
  outline: (image: RgbaImage) => inOneGo<FoundOutline | null>(() => findOutline(image)),
  band: ({ scene, pxPerMm }: BandQuestion) => bandPicture(scene, pxPerMm),
  texture: ({ relief, look, side }: TextureQuestion) => surfaceTexture(relief, look, side),
  rim: (image: RgbaImage) => inOneGo<FoundRim | null>(() => findRim(image)),
  centre: ({ image, diameterMm, holeMm }: CentreQuestion) =>
    inOneGo<CentrePicture>(() => centreByPicture(image, diameterMm, holeMm)),
  deriveAll,
  derive: ({ ring, finding, tools }: DeriveQuestion) => deriveRoute(ring, storedState(ring), finding, tools),
};

export type JobName = keyof typeof JOBS;
export type JobQuestion<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
export type JobAnswer<N extends JobName> =
  ReturnType<(typeof JOBS)[N]> extends Generator<number, infer T> ? T : never;

/** A job on its way; cancelled, it never answers. */
export interface RunningJob<T> {
  readonly answer: Promise<T>;
  readonly cancel: () => void;
}
