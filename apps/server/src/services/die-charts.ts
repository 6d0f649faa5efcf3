import type { dieChartRequestSchema, dieChartResponseSchema } from '@round-mint/contract/die-charts';
import { type DieChart, dieCurve, revealFor } from '@round-mint/core/kit';
import { isNull } from 'drizzle-orm';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { dieCharts } from '../db/schema';
import { storedDieChart } from './stored-rows';

/** The maker's die charts, for routes under tape. */
export async function readDieCharts(db: Database): Promise<readonly DieChart[]> {
  const rows = await db.select().from(dieCharts).where(isNull(dieCharts.archivedAt));
  return rows.map(storedDieChart);
}

export function computeDieChart({
  observations,
  wantInsideDiameterMm,
}: z.output<typeof dieChartRequestSchema>): z.output<typeof dieChartResponseSchema> {
  const answer =
    wantInsideDiameterMm === undefined ? undefined : revealFor(observations, wantInsideDiameterMm);
  return {
    curve: [...dieCurve(observations)],
    reveal: answer?.reveal ?? null,
    extrapolated: answer?.extrapolated ?? false,
  };
}
