import type { DieChart, DieObservation } from '../kit';
import type { WorkedCoinRing } from './worked-ring';

const LONG_DIE = 'Long die';

/** What each pusher was seen to give, from readings that told the reveal (craft §5); one chart per kind of coin and pusher. */
export function dieSightings(worked: readonly WorkedCoinRing[]): readonly DieChart[] {
  const charts = new Map<string, DieChart>();
  for (const { ring, state } of worked) {
    const { metal, diameterMm: coinDiameterMm } = ring.coin.input.coin;
    for (const { step: index, reveal, leading } of state.readings) {
      const contact = state.steps[index]?.contact;
      if (reveal === undefined || contact?.kind !== 'pusher') continue;
      const pusherMm = contact.diameterMm;
      const key = `${metal}|${Math.round(coinDiameterMm)}|${pusherMm}`;
      const seen: DieObservation = { reveal, insideDiameterMm: leading.rimDownMm };
      const chart = charts.get(key) ?? { metal, coinDiameterMm, die: LONG_DIE, pusherMm, observations: [] };
      charts.set(key, { ...chart, observations: [...chart.observations, seen] });
    }
  }
  return [...charts.values()];
}
