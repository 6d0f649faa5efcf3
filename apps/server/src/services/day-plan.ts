import {
  savedDayPlanSchema,
  type DayJob,
  type DayPlan,
  type SavedDayPlan,
} from '@round-mint/contract/day-plan';
import type { OrderInList } from '@round-mint/contract/orders';
import type { RingWithEvents } from '@round-mint/contract/rings';
import type { RouteStep } from '@round-mint/core/steps';
import { approvalHold, scheduleSteps } from '@round-mint/core/schedule';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { dayPlan } from '../db/schema';
import { HttpError } from '../http/errors';
import { ordersToCome } from './orders';
import { freezePlan, readBench } from './freeze-plan';
import { ringsIn, stateOf } from './ring-store';

const ONLY_ROW = 1;
function ringJob(ring: RingWithEvents, order: OrderInList | undefined): DayJob {
  const state = stateOf(ring, ring.events);
  const hold = approvalHold(order, state.steps);
  return {
    id: ring.id,
    name: ring.name,
    ringId: ring.id,
    orderId: order?.id ?? null,
    arrivedAt: order?.createdAt ?? ring.createdAt,
    dueOn: order?.wantedBy ?? null,
    held: hold !== undefined && hold.step === state.step,
    steps: [...scheduleSteps(state.steps, state.step, hold)],
  };
}

function orderJob(order: OrderInList, steps: readonly RouteStep[]): DayJob {
  return {
    id: order.id,
    name: order.name,
    ringId: null,
    orderId: order.id,
    arrivedAt: order.createdAt,
    dueOn: order.wantedBy,
    held: false,
    steps: [...scheduleSteps(steps, 0, approvalHold(order, steps))],
  };
}

/** Agreed orders whose ring is not begun, as their plans would be made today. */
async function agreedJobs(db: Database, orders: readonly OrderInList[]) {
  const bench = await readBench(db);
  const jobs: DayJob[] = [];
  const problems: DayPlan['problems'] = [];
  for (const order of orders) {
    if (order.state !== 'agreed' || order.ringId !== null || order.planId === null) continue;
    try {
      const { frozen } = await freezePlan(db, order.planId, bench, { order });
      jobs.push(orderJob(order, frozen.steps));
    } catch (error) {
      if (!(error instanceof HttpError)) throw error;
      problems.push({ orderId: order.id, message: error.message });
    }
  }
  return { jobs, problems };
}

/** The day plan that was kept last; null when there is none. */
export async function savedPlan(db: Database): Promise<SavedDayPlan | null> {
  const [row] = await db.select().from(dayPlan).where(eq(dayPlan.id, ONLY_ROW));
  return row ? savedDayPlanSchema.parse(row.data) : null;
}

/** What is left to do on every ring in work and every order that is agreed, and the plan made last. */
export async function readDayPlan(db: Database): Promise<DayPlan> {
  const inWork = await ringsIn(db, 'in-work', 'createdAt');
  const orders = await ordersToCome(
    db,
    inWork.map(({ id }) => id),
  );
  const ofRing = (ring: RingWithEvents) =>
    orders.find(({ ringId, state }) => ringId === ring.id && state !== 'cancelled');
  const rings = inWork.map((ring) => ringJob(ring, ofRing(ring)));
  const { jobs, problems } = await agreedJobs(db, orders);
  return {
    plan: await savedPlan(db),
    jobs: [...rings, ...jobs].filter(({ steps }) => steps.length > 0),
    problems,
  };
}

export async function saveDayPlan(db: Database, data: SavedDayPlan): Promise<DayPlan> {
  await db
    .insert(dayPlan)
    .values({ id: ONLY_ROW, data })
    .onConflictDoUpdate({ target: dayPlan.id, set: { data } });
  return readDayPlan(db);
}
