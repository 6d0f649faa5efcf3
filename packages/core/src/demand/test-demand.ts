import { SIZE_SYSTEMS } from '../size';
import type { RingToMake } from './propose';

export const mm = (us: number) => SIZE_SYSTEMS.us.toDiameterMm(us);
const DAY_MS = 86_400_000;
const NOW = Date.UTC(2026, 11, 1);
export const ago = (days: number) => new Date(NOW - days * DAY_MS).toISOString();
export const NOW_ISO = ago(0);
export const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

export const ring = (us: number, change: Partial<RingToMake> = {}): RingToMake => ({
  ...{ id: `coin-${us}`, group: 'coin', insideDiameterMm: mm(us), hours: 2, margin: 30, appeal: 1 },
  takes: [{ stockId: 'piece', share: 1 / 9 }],
  ...change,
});
