import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { fakeServer } from '@/testing/fake-server';
import { FIRST_RING as RING, learntOf, valueOf } from '@/testing/learnt';
import { renderWithStore } from '@/testing/render';
import { defaultWriters } from '@/testing/writers';
import { runningMean } from './course-model';
import { LearntScreen } from './LearntScreen';
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
