import type { DieChartInput } from '@round-mint/contract/die-charts';
import { demoId } from './demo-id';

type Row = readonly [
  pusherMm: number,
  ...seen: readonly (readonly [reveal: number, insideDiameterMm: number])[],
];

/** What this bench saw of its long die with the 37.7 mm brenn, pusher by pusher. */
const ROWS: readonly Row[] = [
  [22, [1, 21.2], [2, 21.5], [4, 22.0], [6, 22.3]],
  [21, [1, 20.3], [3, 20.8], [5, 21.2]],
  [20, [0, 18.9], [1, 19.3], [3, 19.8], [6, 20.3]],
  [19, [1, 18.2], [2, 18.5], [4, 19.0]],
  [18, [0, 16.9], [2, 17.5], [5, 18.2]],
];

export const DEMO_DIE_CHARTS: readonly (DieChartInput & { readonly id: string })[] = ROWS.map(
  ([pusherMm, ...seen], index) => ({
    id: demoId('die-chart', index),
    metal: 'silver-900',
    coinDiameterMm: 37.7,
    die: 'Long die',
    pusherMm,
    observations: seen.map(([reveal, insideDiameterMm]) => ({ reveal, insideDiameterMm })),
  }),
);
