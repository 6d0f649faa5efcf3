import type { RingWithEvents } from '@round-mint/contract/rings';
import { SCHOOL_WHEN_UNKEPT } from '@round-mint/core/forming';
import type { Kit } from '@round-mint/core/kit';
import { lessonOf, type Lesson, type LoggedRing } from '@round-mint/core/learn';
import { eventOf, ringInput, ringOf, type RingRow } from '../services/ring-store';
import { summaryOf, type RingSummary } from '../services/ring-summary';
import { z } from 'zod';

function loggedRing(ring: RingWithEvents): LoggedRing {
  return {
    id: ring.id,
    name: ring.name,
    finishedAt: ring.finishedAt ?? ring.createdAt,
    targetInsideDiameterMm: ring.prediction.targetInsideDiameterMm,
    ...(ring.kind === 'coin'
      ? {
          coin: {
            input: ringInput(ring),
            school: ring.school ?? SCHOOL_WHEN_UNKEPT,
            moves: ring.moves ?? [],
          },
        }
      : {}),
    steps: ring.steps,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
    events: ring.events,
    forecast: ring.forecast,
  };
}

/** Events as they stand in the database; each is parsed as what it is after that. */
const eventRowsSchema = z.array(z.object({ id: z.string(), at: z.string(), body: z.unknown() }));

export interface TeachTask {
  readonly ring: Omit<RingRow, 'frozenPlan'>;
  /** JSON as the database has it: it is parsed where it is worked with, not where calls are answered. */
  readonly plan: string;
  readonly events: string;
  readonly kit: Kit;
}

export interface Taught {
  /** Null where the maker left the ring out, or nothing can be learnt from it. */
  readonly lesson: Lesson | null;
  /** What lists and sums say of it; null where that cannot be told. */
  readonly summary: RingSummary | null;
  readonly problem?: string;
}

/** What a ring teaches. One that cannot be learnt from keeps nobody from learning from the others. */
export function teach({ ring, plan, events, kit }: TeachTask): Taught {
  try {
    const known = {
      ...ringOf({ ...ring, frozenPlan: JSON.parse(plan) }),
      events: eventRowsSchema.parse(JSON.parse(events)).map(eventOf),
    };
    const lesson = known.status === 'in-work' ? undefined : lessonOf(loggedRing(known), kit);
    return { lesson: lesson ?? null, summary: summaryOf(known) };
  } catch (error) {
    return { lesson: null, summary: null, problem: error instanceof Error ? error.message : String(error) };
  }
}
