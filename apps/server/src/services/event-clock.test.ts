import { apartByMicros, exactTime, inClockOrder } from './event-clock';

const AT = '2026-11-28T10:00:00.123Z';

describe('the clock of events', () => {
  it('sets those of one millisecond a microsecond apart, in the order in which they come', () => {
    const clock = apartByMicros();
    expect([AT, AT, '2026-11-28T10:00:00.124Z', AT].map(clock)).toEqual([
      AT,
      '2026-11-28T10:00:00.123001Z',
      '2026-11-28T10:00:00.124Z',
      '2026-11-28T10:00:00.123002Z',
    ]);
  });

  it('goes on over a thousand of one millisecond', () => {
    const clock = apartByMicros();
    const told = Array.from({ length: 1002 }, () => clock(AT));
    expect(new Set(told).size).toBe(1000);
    expect(told.at(-1)).toBe(AT);
  });

  it('reads what the database keeps to the microsecond', () => {
    expect(exactTime('2026-11-28 10:00:00.123001+00')).toBe('2026-11-28T10:00:00.123001Z');
    expect(exactTime('2026-11-28 10:00:00.1234+00')).toBe('2026-11-28T10:00:00.123400Z');
    expect(exactTime('2026-11-28 10:00:00+00')).toBe('2026-11-28T10:00:00.000Z');
  });

  it('puts events in the order of the database: by the microsecond, then by id', () => {
    const ordered = [
      { id: 'b', at: '2026-11-28 10:00:00+00' },
      { id: 'a', at: '2026-11-28 10:00:00.000001+00' },
      { id: 'c', at: '2026-11-28 10:00:00.12+00' },
      { id: 'd', at: '2026-11-28 10:00:00.12+00' },
      { id: 'a', at: '2026-11-28 10:00:00.120001+00' },
      { id: 'b', at: '2026-11-28 10:00:00.1201+00' },
    ];
    expect(inClockOrder(ordered.toReversed())).toEqual(ordered);
  });
});
