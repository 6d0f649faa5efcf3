import type { SharedWait } from '@round-mint/core/steps';
import { renderHook } from '@testing-library/react-native';
import * as bell from './ring-bell';
import * as speaking from './speech';
import { useBell } from './use-bell';

const START = '2026-03-01T10:00:00.000Z';
const at = (seconds: number) => Date.parse(START) + seconds * 1000;
const wait = (waitId: string, change: Partial<SharedWait> = {}): SharedWait => ({
  waitId,
  what: 'Pickle',
  startedAt: START,
  shortSec: 60,
  longSec: 120,
  rings: [{ id: 'a', name: 'A' }],
  ...change,
});

describe('the bell', () => {
  const ring = jest.spyOn(bell, 'ringBell').mockImplementation(() => undefined);
  beforeEach(() => ring.mockClear());

  function listen(waits: readonly SharedWait[], firstSec: number, speech = false) {
    const { rerender } = renderHook(({ now }: { now: number }) => useBell(waits, now, speech), {
      initialProps: { now: at(firstSec) },
    });
    return (seconds: number) => rerender({ now: at(seconds) });
  }

  it('rings once when a wait is due, and once when it is late', () => {
    const to = listen([wait('w')], 10);
    to(59);
    expect(ring).not.toHaveBeenCalled();
    to(60);
    to(61);
    expect(ring).toHaveBeenCalledTimes(1);
    to(121);
    to(150);
    expect(ring).toHaveBeenCalledTimes(2);
  });

  it('is silent about what was due before the page was opened, and about clocks that count up', () => {
    const to = listen([wait('w'), wait('dip', { shortSec: undefined, longSec: undefined })], 90);
    to(100);
    expect(ring).not.toHaveBeenCalled();
  });

  it('speaks as well where that is wanted', () => {
    const say = jest.spyOn(speaking, 'say').mockImplementation(() => undefined);
    listen([wait('w')], 10)(61);
    expect(say).not.toHaveBeenCalled();
    const to = listen([wait('w')], 10, true);
    to(61);
    to(125);
    expect(say.mock.calls).toEqual([['Pickle: ready'], ['Pickle: late']]);
  });
});
