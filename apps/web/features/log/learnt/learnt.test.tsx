import type { LearntAnswer, LearntValueAnswer } from '@round-mint/contract/learnt';
import { DEFAULT_TRAITS } from '@round-mint/core/route';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { runningMean } from './course-model';
import { LearntLine } from '@/features/plan/answer/LearntLine';
import { LearntScreen } from './LearntScreen';
import { errorText, nameOf, restsOn, valueText } from './learnt-words';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const RING = '00000004-0000-4000-8000-000000000001';

function valueOf(change: Partial<LearntValueAnswer> = {}): LearntValueAnswer {
  return {
    key: 'curl-17',
    what: 'curl',
    of: '17°',
    value: 0.9,
    standard: 1,
    sigma: 0.02,
    rings: 23,
    sightings: 23,
    errorBefore: 0.2032,
    errorAfter: 0.0813,
    outliers: [],
    keptStandard: false,
    ...change,
  };
}

function learntOf(...values: LearntValueAnswer[]): LearntAnswer {
  const traits = { ...DEFAULT_TRAITS } as unknown as LearntAnswer['traits'];
  const finishedAt = '2026-03-01T10:00:00.000Z';
  return {
    used: true,
    rings: 23,
    traits,
    values,
    dieCharts: [],
    course: [{ ringId: RING, name: 'Edda’s band', finishedAt }],
  };
}

describe('the words of a learnt value', () => {
  it('tells it in its own notation, with its error in sizes', () => {
    const curl = valueOf();
    expect(nameOf(curl).title).toBe('What the 17° die really turns');
    expect(valueText(curl, curl.value)).toBe('15.3°');
    expect(errorText(curl)).toBe('0.25 → 0.10 US');
    expect(restsOn(curl)).toBe('23 rings');
    const share = valueOf({ key: 'share', what: 'share', errorBefore: 0.021, errorAfter: 0.014 });
    expect(valueText(share, -0.04)).toBe('−0.040');
    expect(errorText(share)).toBe('2.1 → 1.4 %');
    expect(restsOn(valueOf({ what: 'minutes', sightings: 80 }))).toBe('80 timed');
    expect(errorText(valueOf({ errorBefore: undefined }))).toBeUndefined();
  });
});

describe('runningMean', () => {
  it('means each value with those before it, at most eight', () => {
    expect(runningMean([2, 4, 6])).toEqual([2, 3, 4]);
    expect(runningMean([...Array(8).fill(0), 8]).at(-1)).toBe(1);
  });
});

describe('LearntScreen', () => {
  it('shows a value with its default, and puts it back', async () => {
    const learnt = learntOf(valueOf({ outliers: [RING] }));
    const calls = fakeServer({ 'GET /learnt': learnt, 'PATCH /settings': DEFAULT_SETTINGS });
    renderWithStore(<LearntScreen />);
    expect(await screen.findByText('15.3°')).toBeTruthy();
    expect(screen.getByText('default 17.0°')).toBeTruthy();
    expect(screen.getByText('Edda’s band')).toBeTruthy();
    fireEvent.press(screen.getByText('Back to the default'));
    await waitFor(() =>
      expect(calls.find(({ method }) => method === 'PATCH')?.body).toEqual({ standardFor: ['curl-17'] }),
    );
  });

  it('says when a value rests on too few rings, and when nothing was learnt', async () => {
    fakeServer({ 'GET /learnt': learntOf(valueOf({ rings: 2 })) });
    const { unmount } = renderWithStore(<LearntScreen />);
    expect(await screen.findByText('default; too few rings, they say 15.3°')).toBeTruthy();
    expect(screen.queryByText('Back to the default')).toBeNull();
    unmount();
    fakeServer({ 'GET /learnt': learntOf() });
    renderWithStore(<LearntScreen />);
    expect(await screen.findByText('Nothing learnt yet.')).toBeTruthy();
  });
});

describe('LearntLine', () => {
  it('stands at a plan that goes by the log, and at no other', async () => {
    fakeServer({ 'GET /learnt': learntOf(valueOf()) });
    const { unmount } = renderWithStore(<LearntLine />);
    expect(await screen.findByText('Reckoned with what 23 finished rings taught')).toBeTruthy();
    unmount();
    fakeServer({ 'GET /learnt': { ...learntOf(valueOf()), used: false } });
    renderWithStore(<LearntLine />);
    await waitFor(() => expect(screen.queryByTestId('learnt-line')).toBeNull());
  });
});
