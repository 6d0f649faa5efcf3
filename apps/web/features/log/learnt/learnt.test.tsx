import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import type { Finding } from '@round-mint/core/learn';
import { fakeServer } from '@/testing/fake-server';
import { FIRST_RING as RING, learntOf, valueOf } from '@/testing/learnt';
import { renderWithStore } from '@/testing/render';
import { defaultWriters } from '@/testing/writers';
import { runningMean } from './course-model';
import { findingWords } from './finding-words';
import { LearntScreen } from './LearntScreen';
import { insideWords, scoreWords, verdictWords, widthsWords, type Calibration } from './forecast-words';
import { errorText, nameOf, restsOn, valueText } from './learnt-words';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const WRITE = defaultWriters();

describe('the words of a learnt value', () => {
  it('tells it in its own notation, with its error in sizes', () => {
    const curl = valueOf();
    expect(nameOf(curl).title).toBe('What the 17° die really turns');
    expect(valueText(curl, curl.value, WRITE)).toBe('15.3°');
    expect(errorText(curl, WRITE)).toBe('0.25 size → 0.10 size');
    expect(restsOn(curl)).toBe('23 rings');
    const share = valueOf({ key: 'share', what: 'share', errorBefore: 0.021, errorAfter: 0.014 });
    expect(valueText(share, -0.04, WRITE)).toBe('−0.040');
    expect(errorText(share, WRITE)).toBe('2.1 → 1.4%');
    expect(restsOn(valueOf({ what: 'minutes', sightings: 80 }))).toBe('80 timed');
    expect(errorText(valueOf({ errorBefore: undefined }), WRITE)).toBeUndefined();
  });
});

const CALIBRATION: Calibration = {
  what: 'widthMm',
  rings: 46,
  inside: 41,
  low: 0.7696,
  high: 0.9527,
  places: [1, 4, 5, 6, 7, 8, 5, 4, 4, 2],
  score: 0.004,
  standardScore: 0.005,
  verdict: 'few',
};

describe('the words of walls', () => {
  it('tell a figure against its plan in percent, and a share of one group of metals', () => {
    const wide = valueOf({
      key: 'wall-width',
      what: 'wall',
      of: 'width',
      errorBefore: 0.05,
      errorAfter: 0.007,
    });
    expect(nameOf(wide)).toEqual({ title: 'Width against the plan', about: 'what nothing else explains' });
    expect(valueText(wide, 0.0488, WRITE)).toBe('+5.0%');
    expect(valueText(wide, -0.083, WRITE)).toBe('−8.0%');
    expect(valueText(wide, -0.0004, WRITE)).toBe('0.0%');
    expect(errorText(wide, WRITE)).toBe('5.0 → 0.7%');
    expect(nameOf({ ...wide, of: 'rim edge' }).title).toBe('Thickness of the rim edge against the plan');
    expect(nameOf(valueOf({ key: 'share-copper', what: 'share', of: 'copper' })).title).toBe(
      'The same of copper alone',
    );
  });
});

describe('the words of losses', () => {
  it('say in 100, of how many rings, and that few are a first guess', () => {
    const slip = valueOf({ key: 'slip', what: 'slip', of: undefined, value: 0.041, rings: 47, events: 2 });
    expect(nameOf(slip)).toEqual({
      title: 'Rings lost by a slip',
      about: 'by neither crack, wrinkle nor heat',
    });
    expect(valueText(slip, slip.value, WRITE)).toBe('4.1 in 100');
    expect(restsOn(slip)).toBe('2 of 47 rings: a first guess');
    expect(restsOn({ ...slip, events: 5 })).toBe('5 of 47 rings');
    expect(nameOf({ ...slip, of: 'flare' }).title).toBe('One side stands taller or leans out');
    const wrinkle = valueOf({ key: 'wrinkle', what: 'wrinkle', of: undefined, value: 0.9 });
    expect(nameOf(wrinkle).title).toBe('What rims bear before they wrinkle');
    expect(valueText(wrinkle, 0.9, WRITE)).toBe('× 0.90');
    const gauge = valueOf({ key: 'gauge', what: 'gauge', of: undefined, value: 0.2032 });
    expect(nameOf(gauge).title).toBe('Your mandrel against the tools’ scales');
    expect(valueText(gauge, 0.2032, WRITE)).toBe(`+${WRITE.meanAmount(0.2032)}`);
    const ends = valueOf({ key: 'ends', what: 'ends', of: undefined, value: -0.1 });
    expect(nameOf(ends)).toEqual({
      title: 'Finished size',
      about: 'what rings read at their end, against the size wanted',
    });
    expect(valueText(ends, -0.1, WRITE)).toBe(`−${WRITE.meanAmount(0.1)}`);
    const melt = valueOf({
      key: 'melt',
      what: 'melt',
      of: undefined,
      value: 0.0034,
      sightings: 214,
      events: 1,
    });
    expect(nameOf(melt).title).toBe('Heats that melt a ring');
    expect(valueText(melt, melt.value, WRITE)).toBe('3.4 in 1000');
    expect(restsOn(melt)).toBe('1 of 214 heats: a first guess');
  });
});

describe('the words of what stands out', () => {
  const WORDS = (finding: Finding) => findingWords(finding, WRITE);

  it('say what is off, by how much, from how many rings, and what to do', () => {
    expect(WORDS({ code: 'metal-thickness', thickerLog: -0.083, rings: 24 })).toEqual({
      title: 'Your metal is about 8% thinner than its label or your scale says.',
      todo: 'Seen in 24 rings. Both edges come out so. Measure a piece with the calliper, and hold the scale against a known weight.',
    });
    expect(WORDS({ code: 'metal-thickness', thickerLog: 0.05, rings: 9 }).title).toContain('5% thicker');
    expect(WORDS({ code: 'mandrel-offset', moreMm: -0.21, rings: 12 }).title).toBe(
      'Your mandrel reads ¼ size less than your tools.',
    );
    const ends = WORDS({ code: 'ends-off', moreMm: 0.21, rings: 8 });
    expect(ends.title).toBe('Your rings end ¼ size larger than wanted.');
    expect(ends.todo).toContain('stops short');
    expect(WORDS({ code: 'ends-off', moreMm: -0.21, rings: 8 }).todo).toContain('goes past its mark');
  });
});

describe('the words of what was predicted', () => {
  it('count the rings, say how sure the count is, and what follows', () => {
    expect(insideWords(CALIBRATION)).toBe('41 of the last 46 rings lay inside 90 in 100.');
    expect(verdictWords(CALIBRATION)).toBe(
      'By that, 77 to 95 in 100 do; 90 should. Judged from 50 rings on.',
    );
    const judged = (verdict: Calibration['verdict'], what: Calibration['what'] = 'widthMm') =>
      verdictWords({ ...CALIBRATION, verdict, what });
    expect(judged('right')).toContain('What is told holds.');
    expect(judged('too-narrow')).toContain('Too few: what is told is taken wider from now on.');
    expect(judged('too-narrow', 'cutEdgeMm')).toContain('taken wider by you.');
    expect(judged('too-wide')).toContain('taken narrower from now on.');
  });

  it('say what the log is worth, where it is worth anything', () => {
    expect(scoreWords(CALIBRATION)).toBe(
      'With what your log taught they miss by 20% less than the defaults would have.',
    );
    expect(scoreWords({ ...CALIBRATION, score: 0.006 })).toContain('20% more');
    expect(scoreWords({ ...CALIBRATION, score: 0.005 })).toBeUndefined();
  });

  it('tell the narrower of two intervals first, and that ranks want twenty rings', () => {
    const widths = { rings: 30, modelShare: 0.011, rankedShare: 0.013, standardShare: 0.02 };
    expect(widthsWords(widths)).toBe(
      'Nine of ten widths lie within ±1.1% of the plan, by your bench’s bias and scatter of 30 rings; ±1.3% by rank, by default within ±2.0%.',
    );
    expect(widthsWords({ ...widths, rankedShare: 0.009 })).toMatch(
      /within ±0\.9% of the plan, by rank of 30/,
    );
    expect(widthsWords({ ...widths, rings: 7, rankedShare: undefined })).toMatch(
      /From 20 rings on .* so far 7\.$/,
    );
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
    const learnt = { ...learntOf(valueOf({ outliers: [RING] })), outlierNames: { [RING]: 'Edda’s band' } };
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

  it('shows how often forecasts came true, figure by figure, and warns where they did not', async () => {
    const edges: Calibration = {
      ...CALIBRATION,
      what: 'cutEdgeMm',
      rings: 50,
      inside: 38,
      verdict: 'too-narrow',
    };
    fakeServer({ 'GET /learnt': { ...learntOf(valueOf()), calibration: [CALIBRATION, edges] } });
    renderWithStore(<LearntScreen />);
    expect(await screen.findByText('41 of the last 46 rings lay inside 90 in 100.')).toBeTruthy();
    expect(screen.getByText(/by default within ±2\.0%/)).toBeTruthy();
    fireEvent(screen.getByTestId('forecasts'), 'layout', {
      nativeEvent: { layout: { width: 360, height: 300, x: 0, y: 0 } },
    });
    expect(screen.getByTestId('place-bars').props['aria-label']).toBe(
      'Where 46 rings fell in what was predicted, a tenth each from narrower to wider: 1, 4, 5, 6, 7, 8, 5, 4, 4, 2',
    );
    fireEvent.press(screen.getByText('cut edge'));
    expect(screen.getByText('38 of the last 50 rings lay inside 90 in 100.')).toBeTruthy();
    expect(screen.getByText(/Too few/)).toBeTruthy();
    expect(screen.queryByText(/by default within/)).toBeNull();
  });

  it('says how many rings it is still learning from, and names the latest of many that lie far off', async () => {
    const outliers = Array.from({ length: 11 }, (_, i) => `${RING.slice(0, -2)}${10 + i}`);
    const outlierNames = Object.fromEntries(outliers.map((id, i) => [id, `Band ${i + 1}`]));
    fakeServer({ 'GET /learnt': { ...learntOf(valueOf({ outliers })), outlierNames, toLearn: 12 } });
    const { unmount } = renderWithStore(<LearntScreen />);
    expect(await screen.findByText(/^Learning from 12 more rings\./)).toBeTruthy();
    expect(screen.getByText('Band 11')).toBeTruthy();
    expect(screen.queryByText('Band 3')).toBeNull();
    expect(screen.getByText('and 3 before')).toBeTruthy();
    unmount();
    fakeServer({ 'GET /learnt': { ...learntOf(), toLearn: 1 } });
    renderWithStore(<LearntScreen />);
    expect(await screen.findByText(/^Learning from one more ring\./)).toBeTruthy();
  });

  it('says of how many rings the course is where it is not of all', async () => {
    // Twenty-three rings taught, and the course that came is of one.
    fakeServer({ 'GET /learnt': learntOf(valueOf()) });
    const { unmount } = renderWithStore(<LearntScreen />);
    expect(await screen.findByText(/^The latest 1 rings\. Each ring as the rings before it/)).toBeTruthy();
    unmount();
    fakeServer({ 'GET /learnt': { ...learntOf(valueOf()), rings: 1 } });
    renderWithStore(<LearntScreen />);
    expect(await screen.findByText(/^Each ring as the rings before it/)).toBeTruthy();
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
