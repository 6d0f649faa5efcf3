import type { Run } from '@/drawings/day/lane-shape';
import { createEvents, type DateArray, type EventAttributes } from 'ics';
import { whoseRunWords } from './day-model';
import { wallDate } from '@/features/shared/words/wall-clock';

function dateArray(wallMin: number): DateArray {
  const date = wallDate(wallMin);
  return [date.getFullYear(), date.getMonth() + 1, date.getDate(), date.getHours(), date.getMinutes()];
}

/**
 * The day plan as a calendar file (RFC 5545), one event for each go of the hands. Import this file when it is asked for.
 * @throws when an event cannot be written
 */
export function dayIcs(runs: readonly Run[], names: ReadonlyMap<string, string>): string {
  const events = runs.map((run): EventAttributes => {
    const words = whoseRunWords(run, names);
    return {
      uid: `${run.key.replace(' ', '-')}@round-mint.example`,
      title: words,
      description: run.blocks.map(({ setUp, lane }) => (lane === 'bench' ? '' : setUp)).find(Boolean) ?? '',
      start: dateArray(run.fromMin),
      startInputType: 'local',
      startOutputType: 'local',
      end: dateArray(Math.max(run.toMin, run.fromMin + 1)),
      endInputType: 'local',
      endOutputType: 'local',
      productId: 'round-mint',
    };
  });
  const { value, error } = createEvents(events);
  if (error || !value) throw error ?? new Error('no calendar file came out');
  return value;
}
