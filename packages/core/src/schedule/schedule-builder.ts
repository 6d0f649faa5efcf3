import { firstFit, type WorkCalendar } from './calendar';
import type { Lane, ScheduleJob, ScheduleStep } from './job';
import { handsOf, type Block, type Shop } from './shop';

/** A bath that was filled last: more rings may still go in while nobody has turned to anything else. */
interface OpenBath {
  readonly setUp: string;
  readonly number: number;
  readonly members: { readonly at: number; readonly job: number }[];
  readonly pinned: boolean;
  waitMin: number;
  handsEndMin: number;
}

/** One pair of hands while blocks are laid. */
export interface Hands {
  readonly calendar: WorkCalendar;
  readonly isHelper: boolean;
  freeMin: number;
  lastLane: Lane | undefined;
  openBath: OpenBath | undefined;
}

/** The bench while blocks are laid: each pair of hands, one flame, one press, each bath once. Changes as it is laid. */
export interface ScheduleBuilder {
  readonly shop: Shop;
  readonly pinAt: ReadonlyMap<string, number>;
  readonly blocks: Block[];
  /** Per job: which of its steps comes next, and when the ring is ready for it. */
  readonly nextStep: number[];
  readonly readyMin: number[];
  readonly bathFreeMin: Map<string, number>;
  readonly hands: readonly Hands[];
  flameFreeMin: number;
  /** Who held the flame last: it burns for nobody else. */
  flameHands: Hands | undefined;
  pressFreeMin: number;
  /** What sits in the press. */
  mounted: string | undefined;
  batches: number;
  setUpMin: number;
  pinMissMin: number;
}

/** A ring that is this little behind the others of its bath is waited for, minutes. */
const BATH_WAITS_MIN = 20;

const pinKey = (jobId: string, step: number) => `${jobId}|${step}`;

/** A bench with nothing laid yet. */
export function emptySchedule(shop: Shop): ScheduleBuilder {
  return {
    shop,
    pinAt: new Map(shop.pins.map(({ jobId, step, startMin }) => [pinKey(jobId, step), startMin])),
    blocks: [],
    nextStep: shop.jobs.map(() => 0),
    readyMin: shop.jobs.map(({ readyMin }) => Math.max(readyMin, shop.nowMin)),
    bathFreeMin: new Map(),
    hands: handsOf(shop).map((calendar, place) => ({
      calendar,
      isHelper: place > 0,
      freeMin: shop.nowMin,
      lastLane: undefined,
      openBath: undefined,
    })),
    flameFreeMin: shop.nowMin,
    flameHands: undefined,
    pressFreeMin: shop.nowMin,
    mounted: undefined,
    batches: 0,
    setUpMin: 0,
    pinMissMin: 0,
  };
}

/** The step of a job that comes next; undefined when all are laid. */
export function upcoming({ shop, nextStep }: ScheduleBuilder, job: number): ScheduleStep | undefined {
  return shop.jobs[job]?.steps[nextStep[job] ?? 0];
}

function wantedAt({ shop, pinAt }: ScheduleBuilder, job: number, step: ScheduleStep): number | undefined {
  return pinAt.get(pinKey(shop.jobs[job]?.id ?? '', step.index));
}

/** When whatever a step works with is free: nobody holds the flame or the press, and the bath is empty. */
function toolFreeMin(
  { flameFreeMin, pressFreeMin, bathFreeMin }: ScheduleBuilder,
  step: ScheduleStep,
): number {
  if (step.lane === 'flame') return flameFreeMin;
  if (step.lane === 'press') return pressFreeMin;
  return step.lane === 'bath' ? (bathFreeMin.get(step.setUp) ?? 0) : 0;
}

/** When hands, ring and tool would let a job's next step begin. */
function earliestBy(builder: ScheduleBuilder, hands: Hands, job: number): number {
  const step = upcoming(builder, job);
  const tool = step ? toolFreeMin(builder, step) : 0;
  return Math.max((builder.readyMin[job] ?? 0) + (step?.leadMin ?? 0), hands.freeMin, tool);
}

/** Whose hands, and when hands, ring and tool would let them begin. */
export interface Soonest {
  readonly hands: Hands;
  readonly atMin: number;
}

/** Whoever can begin a job's next step soonest: the maker, where both are as soon. */
export function soonest(builder: ScheduleBuilder, job: number): Soonest {
  const [maker, helper] = builder.hands.map((hands) => ({
    hands,
    atMin: earliestBy(builder, hands, job),
  })) as [Soonest, Soonest?];
  if (!helper) return maker;
  const handsMin = upcoming(builder, job)?.handsMin ?? 0;
  const from = ({ hands, atMin }: Soonest) => firstFit(hands.calendar, atMin, handsMin) ?? Infinity;
  return from(helper) < from(maker) ? helper : maker;
}

/** Set-up minutes that a step needs when some hands begin it at a moment. */
export function setUpMinutes(
  builder: ScheduleBuilder,
  hands: Hands,
  { lane, setUp }: ScheduleStep,
  atMin: number,
): number {
  const { setUpMin, flameKeepsMin } = builder.shop.rules;
  if (lane === 'press') return builder.mounted === setUp ? 0 : setUpMin.press;
  if (lane === 'flame') {
    const isTheirs = builder.flameHands === hands && hands.lastLane === 'flame';
    return isTheirs && atMin - hands.freeMin <= flameKeepsMin ? 0 : setUpMin.flame;
  }
  return setUpMin[lane];
}

/** Where some hands would begin a step. */
interface Fit {
  readonly hands: Hands;
  readonly startMin: number;
  readonly setUpMin: number;
}

/** Where some hands begin a step, with its set-up; undefined when no working span of theirs takes it. */
function fittedBy(builder: ScheduleBuilder, hands: Hands, job: number, step: ScheduleStep): Fit | undefined {
  const { calendar } = hands;
  const wanted = wantedAt(builder, job, step);
  const from = earliestBy(builder, hands, job);
  const setUpAt = (atMin: number) => setUpMinutes(builder, hands, step, atMin);
  const begin = wanted === undefined ? from : Math.max(from, wanted - setUpAt(wanted));
  // A bath is not left alone over night: its wait has to end while somebody is there.
  const lasts = step.handsMin + (step.lane === 'bath' ? step.waitMin : 0);
  const soonest = firstFit(calendar, begin, lasts + setUpAt(begin));
  if (soonest === undefined) return undefined;
  // Over a pause the flame goes out: then it has to be lit as well.
  const setUpMin = setUpAt(soonest);
  const startMin = firstFit(calendar, begin, lasts + setUpMin);
  return startMin === undefined ? undefined : { hands, startMin, setUpMin };
}

/** Where whichever hands can work on a step soonest begin it; undefined when no working span takes it. */
function fitted(builder: ScheduleBuilder, job: number, step: ScheduleStep): Fit | undefined {
  let best: Fit | undefined;
  for (const hands of builder.hands) {
    const fit = fittedBy(builder, hands, job, step);
    if (fit && (!best || fit.startMin + fit.setUpMin < best.startMin + best.setUpMin)) best = fit;
  }
  return best;
}

function lay(
  builder: ScheduleBuilder,
  hands: Hands,
  job: number,
  step: ScheduleStep,
  at: Pick<Block, 'startMin' | 'workMin' | 'batch'>,
): void {
  const handsEndMin = at.workMin + step.handsMin;
  const endMin = handsEndMin + step.waitMin;
  const { id } = builder.shop.jobs[job] as ScheduleJob;
  const { index, kind, lane, setUp } = step;
  const wanted = wantedAt(builder, job, step);
  if (wanted !== undefined) builder.pinMissMin += Math.abs(at.workMin - wanted);
  const by = hands.isHelper ? { byHelper: true } : {};
  builder.blocks.push({ jobId: id, step: index, kind, lane, setUp, ...at, handsEndMin, endMin, ...by });
  builder.setUpMin += at.workMin - at.startMin;
  // A ring that goes on is out of the bath that other hands put it into: nobody waits there any more.
  for (const others of builder.hands) {
    if (others !== hands && others.openBath?.members.some((member) => member.job === job)) {
      others.openBath = undefined;
    }
  }
  hands.freeMin = handsEndMin;
  hands.lastLane = lane;
  if (lane === 'flame') {
    builder.flameFreeMin = handsEndMin;
    builder.flameHands = hands;
  }
  if (lane === 'press') {
    builder.pressFreeMin = handsEndMin;
    builder.mounted = setUp;
  }
  builder.readyMin[job] = endMin;
  builder.nextStep[job] = (builder.nextStep[job] ?? 0) + 1;
}

/** All rings of a bath come out together, when the last has had its time. */
function closeBath(builder: ScheduleBuilder, bath: OpenBath, laterMin: number): void {
  const endMin = bath.handsEndMin + bath.waitMin;
  const last = bath.members.length - 1;
  bath.members.forEach(({ at, job }, i) => {
    const block = builder.blocks[at] as Block;
    const shift = i === last ? 0 : laterMin;
    builder.blocks[at] = {
      ...block,
      startMin: block.startMin + shift,
      workMin: block.workMin + shift,
      handsEndMin: block.handsEndMin + shift,
      endMin,
    };
    builder.readyMin[job] = endMin;
  });
  builder.bathFreeMin.set(bath.setUp, endMin);
}

/** Puts a ring into the bath that some hands filled last, if it still takes one; the others wait a little for it. */
function joinBath(builder: ScheduleBuilder, hands: Hands, job: number, step: ScheduleStep): boolean {
  const { shop } = builder;
  const { openBath: bath } = hands;
  if (!bath || step.lane !== 'bath' || bath.setUp !== step.setUp) return false;
  if (bath.members.length >= shop.rules.bathHolds) return false;
  // A ring that goes into the same bath twice in a row comes out in between.
  if (bath.members.some((member) => member.job === job)) return false;
  const start = Math.max((builder.readyMin[job] ?? 0) + step.leadMin, hands.freeMin);
  const laterMin = start - bath.handsEndMin;
  if (laterMin > BATH_WAITS_MIN) return false;
  if (laterMin > 0 && (bath.pinned || wantedAt(builder, job, step) !== undefined)) return false;
  const first = builder.blocks[bath.members[0]?.at ?? -1] as Block;
  const waitMin = Math.max(bath.waitMin, step.waitMin);
  const begin = first.startMin + laterMin;
  if (firstFit(hands.calendar, begin, start + step.handsMin + waitMin - begin) !== begin) return false;
  bath.members.push({ at: builder.blocks.length, job });
  bath.waitMin = waitMin;
  bath.handsEndMin = start + step.handsMin;
  lay(builder, hands, job, step, { startMin: start, workMin: start, batch: bath.number });
  closeBath(builder, bath, laterMin);
  return true;
}

/**
 * Lays a job's next step as early as hands, tools, baths and hours allow.
 * @returns false when no working span is long enough for it
 */
export function layNext(builder: ScheduleBuilder, job: number): boolean {
  const step = upcoming(builder, job);
  if (!step) return true;
  if (builder.hands.some((hands) => joinBath(builder, hands, job, step))) return true;
  const fit = fitted(builder, job, step);
  if (!fit) return false;
  const { hands, startMin, setUpMin } = fit;
  const workMin = startMin + setUpMin;
  hands.openBath = undefined;
  if (step.lane !== 'bath') {
    lay(builder, hands, job, step, { startMin, workMin });
    return true;
  }
  // What was in this bath before is out: nothing joins that any more.
  for (const others of builder.hands) {
    if (others.openBath?.setUp === step.setUp) others.openBath = undefined;
  }
  const number = ++builder.batches;
  hands.openBath = {
    setUp: step.setUp,
    number,
    members: [{ at: builder.blocks.length, job }],
    pinned: wantedAt(builder, job, step) !== undefined,
    waitMin: step.waitMin,
    handsEndMin: workMin + step.handsMin,
  };
  lay(builder, hands, job, step, { startMin, workMin, batch: number });
  closeBath(builder, hands.openBath, 0);
  return true;
}
