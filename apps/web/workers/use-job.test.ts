import { act, renderHook, waitFor } from '@testing-library/react-native';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { runToEnd, ringChances, type ChancesQuestion } from '@round-mint/core/uncertainty';
import { useJob } from './use-job';

const question = (rings: number): ChancesQuestion => ({
  input: {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 19.5,
    wall: { kind: 'straight' },
  },
  kit: REFERENCE_KIT,
  school: 'leave',
  moves: ['fold-17', 'rim-in', 'stretch'],
  rings,
});

interface Props {
  readonly asked: ChancesQuestion | undefined;
}

function jobOf(asked: ChancesQuestion | undefined) {
  return renderHook(({ asked: now }: Props) => useJob('chances', now, 0), {
    initialProps: { asked },
  });
}

describe('useJob', () => {
  it('answers as the core does when it is called directly', async () => {
    const asked = question(60);
    const { result } = jobOf(asked);
    expect(result.current).toMatchObject({ answer: undefined, fresh: false, progress: 0 });
    await waitFor(() => expect(result.current.fresh).toBe(true));
    expect(result.current.answer).toEqual(runToEnd(ringChances(asked)));
    expect(result.current.progress).toBeUndefined();
  });

  it('runs nothing without a question', () => {
    const { result } = jobOf(undefined);
    expect(result.current).toMatchObject({
      answer: undefined,
      fresh: false,
      progress: undefined,
      problem: undefined,
    });
  });

  it('keeps the last answer while a new question is worked on', async () => {
    const { result, rerender } = jobOf(question(40));
    await waitFor(() => expect(result.current.fresh).toBe(true));
    const first = result.current.answer;
    rerender({ asked: question(80) });
    expect(result.current).toMatchObject({ answer: first, fresh: false, progress: 0 });
    await waitFor(() => expect(result.current.fresh).toBe(true));
    expect(result.current.answer?.rings).toBe(80);
  });

  it('stops when told, and starts again when asked', async () => {
    const { result } = jobOf(question(400));
    act(() => result.current.cancel());
    expect(result.current).toMatchObject({ fresh: false, progress: undefined, problem: undefined });
    await act(() => new Promise((resolve) => setTimeout(resolve, 60)));
    expect(result.current.answer).toBeUndefined();
    act(() => result.current.retry());
    await waitFor(() => expect(result.current.fresh).toBe(true));
    expect(result.current.answer?.rings).toBe(400);
  });

  it('says when the work failed', async () => {
    const wrong = {
      ...question(10),
      input: { ...question(10).input, coin: { diameterMm: 30, metal: 'silver-900' } },
    };
    const { result } = jobOf(wrong as ChancesQuestion);
    await waitFor(() => expect(result.current.problem).toContain('a mass or a rim thickness'));
    expect(result.current.progress).toBeUndefined();
  });
});
