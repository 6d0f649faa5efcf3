import type { NextList, NextQuery, NextRing } from '@round-mint/contract/shelf';
import { MONTH_DAYS, proposing, type Proposal } from '@round-mint/core/demand';
import { alikeWays, type WayStrip } from '@round-mint/core/ways';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { loadPriceContext } from './costs';
import { readAsked, readLays, type ShelfLay } from './demand';
import { readDrawer, type DrawerPiece } from './drawer';
import { readBench } from './freeze-plan';
import { inSlices } from './in-slices';
import { askedCounts, candidatesOf, readMinutes, type Candidate } from './next-candidates';
import { readPaid } from './stock-taken';

const DAY_MS = 86_400_000;

/** How long the oldest of the rings has lain there that the same fingers would take, days. */
function oldestDays({ ring }: Proposal, lays: readonly ShelfLay[], nowMs: number): number | null {
  const near = lays.filter(
    ({ group, toAt, insideDiameterMm }) =>
      group === ring.group && toAt === undefined && Math.abs(insideDiameterMm - ring.insideDiameterMm) < 1,
  );
  if (near.length === 0) return null;
  return Math.max(...near.map(({ fromAt }) => (nowMs - Date.parse(fromAt)) / DAY_MS));
}

/** Everything that the drawer could become for the shelf. */
async function readCandidates(
  db: Database,
  asked: Awaited<ReturnType<typeof readAsked>>,
): Promise<readonly Candidate[]> {
  const [drawer, { kit, traits }, prices, minutes] = await Promise.all([
    readDrawer(db),
    readBench(db),
    loadPriceContext(db),
    readMinutes(db),
  ]);
  const paid = await readPaid(
    db,
    drawer.map(({ id }) => id),
  );
  const strips = drawer.filter((piece): piece is DrawerPiece & WayStrip => piece.kind === 'strip');
  const bench = { kit, traits, prices, paid, minutes, counts: askedCounts(asked), strips };
  const candidates: Candidate[] = [];
  for (const one of alikeWays(drawer)) {
    candidates.push(...candidatesOf(one, bench));
    // What a piece can become takes a while: other calls are answered in between.
    await setImmediate();
  }
  return candidates;
}

function nextRing(candidate: Candidate, proposal: Proposal, told: Pick<NextRing, 'oldestDays'>): NextRing {
  const { piece, wall, made, insideDiameterMm, hours, price, margin } = candidate;
  const { sellChance, gainPerHour, alike } = proposal;
  return {
    ...{ stockId: piece.id, stockName: piece.name, kind: made?.work.kind ?? 'coin', wall },
    ...{ work: made?.work ?? null, otherName: made?.other?.piece.name ?? null },
    ...{ insideDiameterMm, hours, price, margin, sellChance, gainPerHour, alike, asked: proposal.asked },
    ...told,
  };
}

/** What to make next for the shelf: of the pieces in the drawer, with why. */
export async function nextRings(db: Database, { months, count }: NextQuery): Promise<NextList> {
  const [asked, lays] = await Promise.all([readAsked(db), readLays(db)]);
  const candidates = await readCandidates(db, asked);
  const nowMs = Date.now();
  const now = new Date(nowMs).toISOString();
  const found = await inSlices(proposing({ asked, lays, candidates, now, months, count }));
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]));
  const items = found.flatMap((proposal): NextRing[] => {
    const candidate = byId.get(proposal.ring.id);
    if (!candidate) return [];
    return [nextRing(candidate, proposal, { oldestDays: oldestDays(proposal, lays, nowMs) })];
  });
  const first = Math.min(
    nowMs,
    ...[...asked.map(({ at }) => at), ...lays.map(({ fromAt }) => fromAt)].map(Date.parse),
  );
  return { items, basis: { asked: asked.length, months: (nowMs - first) / DAY_MS / MONTH_DAYS } };
}
