import { ringAtBench } from '@round-mint/contract/bench';
import type { RingWithEvents } from '@round-mint/contract/rings';
import type { Settings } from '@round-mint/contract/settings';
import { idSchema } from '@round-mint/contract/common';
import { inPlanOrder, lastTouchedFirst, nextWords, placeWords, storedState } from '@round-mint/core/bench';
import { capital } from '@round-mint/core/format';
import type { RingState } from '@round-mint/core/ring';
import { writeSize, type SizeSystemId } from '@round-mint/core/size';
import type { Database } from '../db/database';
import { savedPlan } from './day-plan';
import { listRingsInFull, ringsIn } from './ring-store';
import { readSettings } from './settings';

/** So many rings fill the first screen of a phone. */
const MOST_RINGS = 8;

/** A ring in work, as the page shows it before the app can. */
export interface RingAtFirst {
  readonly id: string;
  /** "Anneal", "Reduce the rim, to 17½". */
  readonly next: string;
  /** What to do, in full; only where the page is this ring's. */
  readonly instruction?: string | undefined;
  /** "Mira’s band · step 3 of 12"; left out where the page is this ring's. */
  readonly where?: string | undefined;
  /** "Harbour crown → 17½". */
  readonly from: string;
}

/** What the page shows before the app can. */
export interface FirstLook {
  readonly light: Settings['light'];
  /** "Bench", or the ring that the page is of. */
  readonly title: string;
  /** "4 in work", "Step 3 of 12". */
  readonly note: string;
  readonly rings: readonly RingAtFirst[];
  /** How many more are in work than are shown. */
  readonly more: number;
}

interface RingInWork {
  readonly ring: RingWithEvents;
  readonly state: RingState;
}

const inWork = (ring: RingWithEvents): RingInWork => ({ ring, state: storedState(ringAtBench(ring)) });

/** What every page tells of a ring. */
function atFirst({ ring, state }: RingInWork, system: SizeSystemId): RingAtFirst {
  const targetMm = state.targetInsideDiameterMm ?? ring.prediction.targetInsideDiameterMm;
  return {
    id: ring.id,
    next: nextWords(state.steps[state.step], system),
    from: `${ring.stockName} → ${writeSize(targetMm, system)}`,
  };
}

/** The bench's own list: the rings in work in its order. */
async function benchLook(db: Database, { light, primarySystem }: Settings): Promise<FirstLook> {
  const rings = lastTouchedFirst(await ringsIn(db, 'in-work')).map(inWork);
  const plan = await savedPlan(db);
  const inLine = inPlanOrder(plan?.blocks ?? [], rings, ({ ring, state }) => ({
    id: ring.id,
    step: state.step,
  }));
  const shown = inLine.slice(0, MOST_RINGS);
  return {
    light,
    title: 'Bench',
    note: `${rings.length} in work`,
    rings: shown.map((one) => ({
      ...atFirst(one, primarySystem),
      where: `${one.ring.name} · ${placeWords(one.state)}`,
    })),
    more: rings.length - shown.length,
  };
}

/** A ring's own page; without a ring where that is not in work, and at another page of the bench. */
async function ringLook(
  db: Database,
  ringId: string,
  { light, primarySystem }: Settings,
): Promise<FirstLook> {
  const { items } = idSchema.safeParse(ringId).success
    ? await listRingsInFull(db, { limit: 1 }, { status: 'in-work', id: ringId })
    : { items: [] };
  const [one] = items.map(inWork);
  if (!one) return { light, title: '', note: '', rings: [], more: 0 };
  const { ring, state } = one;
  const instruction = state.steps[state.step]?.instruction;
  return {
    light,
    title: ring.name,
    note: capital(placeWords(state)),
    rings: [{ ...atFirst(one, primarySystem), instruction }],
    more: 0,
  };
}

/**
 * The rings in work, each with the next thing to do, as the bench has them.
 * @param ringId the one that the page is of; left out, the bench's own list
 */
export async function firstLook(db: Database, ringId?: string): Promise<FirstLook> {
  const settings = await readSettings(db);
  return ringId === undefined ? benchLook(db, settings) : ringLook(db, ringId, settings);
}
