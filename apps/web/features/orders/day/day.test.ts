import { durationWords } from '@round-mint/core/format';
import type { DayJob } from '@round-mint/contract/day-plan';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { makeSchedule } from '@round-mint/core/schedule';
import { runToEnd } from '@round-mint/core/uncertainty';
import { runsOf } from '@/drawings/day/lane-shape';
import { dayIcs } from './day-ics';
import { daysOf, gainWords, jobEnds, pinnedAt, pinsOf, runWords, unpinned, whoseRunWords } from './day-model';
import { planningNow, shopOf } from '@/features/orders/promise/shop-model';
import { dayNumber, momentWords, wallDate, wallMinutes } from '@/features/shared/words/wall-clock';

const MONDAY = wallMinutes(new Date(2026, 10, 30, 9, 0));

const step = (index: number, kind: 'anneal' | 'pickle' | 'polish') => ({
  index,
  kind,
  title: kind,
  handsMin: 6,
  waitMin: kind === 'pickle' ? 10 : 0,
  lane: kind === 'anneal' ? ('flame' as const) : kind === 'pickle' ? ('bath' as const) : ('bench' as const),
  setUp: kind,
  leadMin: 0,
});

function job(id: string, dueOn: string | null): DayJob {
  return {
    id,
    name: `Ring ${id}`,
    ringId: id,
    orderId: null,
    arrivedAt: '2026-11-20T10:00:00.000Z',
    dueOn,
    held: false,
    steps: [step(0, 'anneal'), step(1, 'pickle'), step(2, 'polish')],
  };
}

const JOBS = [job('a', '2026-12-02'), job('b', null)];
const NAMES = new Map(JOBS.map(({ id, name }) => [id, name]));
const shop = shopOf(JOBS, DEFAULT_SETTINGS, [{ jobId: 'gone', step: 0, startMin: 1 }], MONDAY);
const schedule = runToEnd(makeSchedule(shop, { tries: 200 }));

describe('the clock on the wall', () => {
  it('goes there and back, whatever the zone', () => {
    const date = new Date(2026, 6, 4, 17, 45);
    expect(wallDate(wallMinutes(date)).getTime()).toBe(date.getTime());
    expect(momentWords(wallMinutes(date))).toBe('Sat, Jul 4, 17:45');
    expect(dayNumber('1970-01-03')).toBe(2);
    expect([durationWords(59.6), durationWords(130), durationWords(12)]).toEqual([
      '1 h',
      '2 h 10 min',
      '12 min',
    ]);
  });

  it('plans on full five minutes', () => {
    expect(planningNow(new Date(2026, 10, 30, 9, 1))).toBe(MONDAY + 5);
  });
});

describe('the day plan', () => {
  it('knows pins only of rings that are there', () => {
    expect(shop.pins).toEqual([]);
    expect(shop.jobs[0]?.dueMin).toBe(wallMinutes(new Date(2026, 11, 2, 17, 30)));
  });

  it('tells when each ring is ready, and what is won', () => {
    const ends = jobEnds(schedule, JOBS, DEFAULT_SETTINGS);
    expect(ends).toHaveLength(2);
    expect(ends.every(({ lateMin }) => lateMin === 0)).toBe(true);
    const { done, against } = gainWords(schedule, DEFAULT_SETTINGS, MONDAY);
    expect(done).toContain('Mon, Nov 30');
    expect(against).toMatch(/first come, first done/);
    expect(daysOf(schedule)).toEqual([dayNumber('2026-11-30')]);
  });

  it('calls a go of the hands by what is done and with which rings', () => {
    const words = runsOf(schedule.blocks).map((run) => runWords(run, NAMES));
    expect(words[0]).toMatch(/^Anneal 2 rings: Ring [ab], Ring [ab]$/);
    expect(words.some((one) => one.startsWith('2 into pickle'))).toBe(true);
    expect(words.at(-1)).toMatch(/^Polish · Ring/);
  });

  it('finds the pin of a go of the hands on whichever of its steps, and moves or frees the whole', () => {
    const [run] = runsOf(schedule.blocks);
    const second = run!.blocks[1]!;
    const pins = [
      { jobId: second.jobId, step: second.step, startMin: MONDAY },
      { jobId: second.jobId, step: 2, startMin: MONDAY + 300 },
    ];
    expect(pinsOf(run!, pins)).toEqual([pins[0]]);
    const { jobId, step: first } = run!.blocks[0]!;
    expect(pinnedAt(run!, pins, MONDAY + 60)).toEqual([
      pins[1],
      { jobId, step: first, startMin: MONDAY + 60 },
    ]);
    expect(unpinned(run!, pins)).toEqual([pins[1]]);
  });

  it('lays steps on a helper’s hands, too, and says whose they are', () => {
    expect(schedule.blocks.every(({ byHelper }) => byHelper === undefined)).toBe(true);
    const helped = shopOf(JOBS, { ...DEFAULT_SETTINGS, helperHours: DEFAULT_SETTINGS.hours }, [], MONDAY);
    const runs = runsOf(runToEnd(makeSchedule(helped, { tries: 200 })).blocks);
    const helpers = runs.find(({ byHelper }) => byHelper);
    expect(whoseRunWords(helpers!, NAMES)).toBe(`Helper: ${runWords(helpers!, NAMES)}`);
    expect(dayIcs(runs, NAMES)).toMatch(/SUMMARY:Helper: /);
  });

  it('is a calendar file with every go in it', () => {
    const runs = runsOf(schedule.blocks);
    const ics = dayIcs(runs, NAMES);
    expect(ics.match(/BEGIN:VEVENT/g)).toHaveLength(runs.length);
    expect(ics).toContain('DTSTART:20261130T090000');
    expect(ics).toMatch(/SUMMARY:Anneal 2 rings/);
  });
});
