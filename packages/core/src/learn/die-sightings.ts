import type { DieChart } from '../kit';
import { listAt } from './list-at';
import type { WorkedCoinRing } from './worked-ring';

const LONG_DIE = 'Long die';
/** Dies and pushers wear: the latest so many tell what they give now. */
const MOST_OBSERVATIONS = 60;

/** Charts of the same coins and pusher as one, what was seen last at the end. */
export function joinedCharts(charts: readonly DieChart[]): readonly DieChart[] {
  const same = new Map<string, DieChart[]>();
  for (const chart of charts) {
    const { metal, coinDiameterMm, pusherMm } = chart;
    listAt(same, `${metal}|${Math.round(coinDiameterMm)}|${pusherMm}`).push(chart);
  }
  return [...same.values()].flatMap((alike) => {
    const observations = alike.flatMap((chart) => chart.observations).slice(-MOST_OBSERVATIONS);
    return alike.slice(0, 1).map((first) => ({ ...first, observations }));
  });
}

/** What each pusher was seen to give, from readings that told the reveal (craft §5); one chart per kind of coin and pusher. */
export function dieSightings({ ring, state }: WorkedCoinRing): readonly DieChart[] {
  const { metal, diameterMm: coinDiameterMm } = ring.coin.input.coin;
  return joinedCharts(
    state.readings.flatMap(({ step, reveal, leading }) => {
      const contact = state.steps[step]?.contact;
      if (reveal === undefined || contact?.kind !== 'pusher') return [];
      const { diameterMm: pusherMm } = contact;
      const observations = [{ reveal, insideDiameterMm: leading.rimDownMm }];
      return { metal, coinDiameterMm, die: LONG_DIE, pusherMm, observations };
    }),
  );
}
