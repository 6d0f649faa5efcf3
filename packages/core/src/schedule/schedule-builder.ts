import { firstFit } from './calendar';
import type { Lane, ScheduleJob, ScheduleStep } from './job';
import type { Block, Shop } from './shop';

/** A bath that was filled last: more rings may still go in while nobody has turned to anything else. */
interface OpenBath {
  readonly setUp: string;
  readonly number: number;
  readonly members: { readonly at: number; readonly job: number }[];
  readonly pinned: boolean;
  waitMin: number;
  handsEndMin: number;
}

/** The bench while blocks are laid: one pair of hands, one flame, one press, each bath once. Changes as it is laid. */
export interface ScheduleBuilder {
  readonly shop: Shop;
  readonly pinAt: ReadonlyMap<string, number>;
  readonly blocks: Block[];
  /** Per job: which of its steps comes next, and when the ring is ready for it. */
  readonly nextStep: number[];
  readonly readyMin: number[];
  readonly bathFreeMin: Map<string, number>;
  handsFreeMin: number;
  lastLane: Lane | undefined;
  /** What sits in the press. */
  mounted: string | undefined;
  openBath: OpenBath | undefined;
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
    handsFreeMin: shop.nowMin,
    lastLane: undefined,
    mounted: undefined,
    openBath: undefined,
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

/** When hands, ring and bath would let a job's next step begin. */
export function earliestMin(builder: ScheduleBuilder, job: number): number {
  const step = upcoming(builder, job);
  const bath = step?.lane === 'bath' ? (builder.bathFreeMin.get(step.setUp) ?? 0) : 0;
  return Math.max((builder.readyMin[job] ?? 0) + (step?.leadMin ?? 0), builder.handsFreeMin, bath);
}

/** Set-up minutes that a step needs when it begins at a moment. */
export function setUpMinutes(builder: ScheduleBuilder, { lane, setUp }: ScheduleStep, atMin: number): number {
  const { setUpMin, flameKeepsMin } = builder.shop.rules;
  if (lane === 'press') return builder.mounted === setUp ? 0 : setUpMin.press;
  if (lane === 'flame') {
    const burns = builder.lastLane === 'flame' && atMin - builder.handsFreeMin <= flameKeepsMin;
    return burns ? 0 : setUpMin.flame;
  }
  return setUpMin[lane];
}

/** Where a step begins, with its set-up; undefined when no working span takes it. */
function fitted(builder: ScheduleBuilder, job: number, step: ScheduleStep) {
  const { calendar } = builder.shop;
  const wanted = wantedAt(builder, job, step);
  const from = earliestMin(builder, job);
  const begin = wanted === undefined ? from : Math.max(from, wanted - setUpMinutes(builder, step, wanted));
  // A bath is not left alone over night: its wait has to end while somebody is there.
  const lasts = step.handsMin + (step.lane === 'bath' ? step.waitMin : 0);
  const soonest = firstFit(calendar, begin, lasts + setUpMinutes(builder, step, begin));
  if (soonest === undefined) return undefined;
  // Over a pause the flame goes out: then it has to be lit as well.
  const setUpMin = setUpMinutes(builder, step, soonest);
  const startMin = firstFit(calendar, begin, lasts + setUpMin);
  return startMin === undefined ? undefined : { startMin, setUpMin };
}

function lay(
  builder: ScheduleBuilder,
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
  builder.blocks.push({ jobId: id, step: index, kind, lane, setUp, ...at, handsEndMin, endMin });
  builder.setUpMin += at.workMin - at.startMin;
  builder.handsFreeMin = handsEndMin;
  builder.lastLane = lane;
  if (lane === 'press') builder.mounted = setUp;
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

/** Puts a ring into the bath that was filled last, if it still takes one; the others wait a little for it. */
function joinBath(builder: ScheduleBuilder, job: number, step: ScheduleStep): boolean {
  const { openBath: bath, shop } = builder;
  if (!bath || step.lane !== 'bath' || bath.setUp !== step.setUp) return false;
  if (bath.members.length >= shop.rules.bathHolds) return false;
  // A ring that goes into the same bath twice in a row comes out in between.
  if (bath.members.some((member) => member.job === job)) return false;
  const start = Math.max((builder.readyMin[job] ?? 0) + step.leadMin, builder.handsFreeMin);
  const laterMin = start - bath.handsEndMin;
  if (laterMin > BATH_WAITS_MIN) return false;
  if (laterMin > 0 && (bath.pinned || wantedAt(builder, job, step) !== undefined)) return false;
  const first = builder.blocks[bath.members[0]?.at ?? -1] as Block;
  const waitMin = Math.max(bath.waitMin, step.waitMin);
  const begin = first.startMin + laterMin;
  if (firstFit(shop.calendar, begin, start + step.handsMin + waitMin - begin) !== begin) return false;
  bath.members.push({ at: builder.blocks.length, job });
  bath.waitMin = waitMin;
  bath.handsEndMin = start + step.handsMin;
  lay(builder, job, step, { startMin: start, workMin: start, batch: bath.number });
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
  if (joinBath(builder, job, step)) return true;
  const fit = fitted(builder, job, step);
  if (!fit) return false;
  const { startMin, setUpMin } = fit;
  const workMin = startMin + setUpMin;
  builder.openBath = undefined;
  if (step.lane !== 'bath') {
    lay(builder, job, step, { startMin, workMin });
    return true;
  }
  const number = ++builder.batches;
  builder.openBath = {
    setUp: step.setUp,
    number,
    members: [{ at: builder.blocks.length, job }],
    pinned: wantedAt(builder, job, step) !== undefined,
    waitMin: step.waitMin,
    handsEndMin: workMin + step.handsMin,
  };
  lay(builder, job, step, { startMin, workMin, batch: number });
  closeBath(builder, builder.openBath, 0);
  return true;
}
