import { ringAtBench, type BenchAnswer } from '@round-mint/contract/bench';
import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import {
  deriveRoute,
  findingOf,
  keptRoute,
  sayingBench,
  storedState,
  wordAlong,
  type BenchTools,
  type BenchWord,
} from '@round-mint/core/bench';
import { goesOn } from '@round-mint/core/ring';
import { routeTotals } from '@round-mint/core/steps';
import type { Database } from '../db/database';
import { readBench } from './freeze-plan';
import { inSlices } from './in-slices';
import { isoTime } from './resource';
import { getRing } from './ring-store';

function answerOf(word: BenchWord): BenchAnswer {
  const { step, stopAt, standing, toGo, advice, gauge, mayAnneal, target, rest } = word;
  const { anneals, handsOnMin, waitMin } = routeTotals(rest);
  return {
    step: step ?? null,
    stopAt: stopAt ?? null,
    standing,
    ...(toGo ? { toGo } : {}),
    advice,
    gauge,
    mayAnneal,
    target,
    rest: {
      steps: rest.map(({ kind, title, tool, reading, after }) => ({
        kind,
        title,
        tool,
        ...(reading ? { stopAtMm: after.cutInsideDiameterMm } : {}),
      })),
      anneals,
      handsOnMin,
      waitMin,
    },
  };
}

/** What the bench says of a ring now. */
export async function readBenchWord(db: Database, id: string): Promise<BenchAnswer> {
  const ring = await getRing(db, id);
  return answerOf(await inSlices(sayingBench(ringAtBench(ring), await readBench(db))));
}

/**
 * Events as they are to be stored: where the maker goes on along a route that followed from what was found, that route
 * is kept before the step. A device that kept it itself has given it the same id.
 */
export async function withKeptRoutes(
  db: Database,
  ring: RingWithEvents,
  news: readonly RingEventInput[],
): Promise<readonly RingEventInput[]> {
  if (!news.some(({ body }) => goesOn(body))) return news;
  // What a device tells late stands before what is known: no route follows from the half of it.
  const last = ring.events.at(-1)?.at ?? '';
  if (news.some(({ at }) => isoTime(at) < last)) return news;
  const known = new Set(ring.events.map(({ id }) => id));
  let tools: BenchTools | undefined;
  const events = [...ring.events];
  const kept: RingEventInput[] = [];
  for (const event of news) {
    const keptAlready = events.at(-1)?.body;
    const isKept = keptAlready?.kind === 'rerouted' && keptAlready.derived === true;
    if (goesOn(event.body) && !known.has(event.id) && !isKept) {
      const here = ringAtBench({ ...ring, events });
      const stored = storedState(here);
      const finding = findingOf(here, stored);
      if (finding) {
        tools ??= await readBench(db);
        const derived = await inSlices(deriveRoute(here, stored, finding, tools));
        const route = keptRoute(events, event, wordAlong(here, stored, derived, tools));
        if (route) {
          kept.push(route);
          events.push(route);
        }
      }
    }
    kept.push(event);
    events.push(event);
  }
  return kept;
}
