import { FIRST_RECIPES, templateOf } from '@round-mint/core/finishing';
import type { RingEventInput } from '@round-mint/contract/rings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { RingWork } from '@/features/bench/ring/RingWork';
import { RING_ID, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { GoldLiningPanel } from '@/features/bench/ring/GoldLiningPanel';
import {
  EMPTY_DRAFT,
  minutesOf,
  movedStep,
  recipeLine,
  schoolOf,
  withoutStep,
  withStep,
} from './recipe-draft';
import { RecipesScreen } from './RecipesScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const step = (key: string) => templateOf(key).step;
const draft = ['grit-320', 'grit-400', 'polish'].reduce(
  (made, key) => withStep(made, step(key)),
  EMPTY_DRAFT,
);
const titles = ({ steps }: typeof draft) => steps.map(({ title }) => title);

describe('a recipe that is changed', () => {
  it('moves and drops its steps, and stays as it is at its ends', () => {
    expect(titles(movedStep(draft, 2, -1))).toEqual(['Sand at 320', 'Polish', 'Sand at 400']);
    expect(titles(movedStep(draft, 0, -1))).toEqual(titles(draft));
    expect(titles(movedStep(draft, 2, 1))).toEqual(titles(draft));
    expect(titles(withoutStep(draft, 0))).toEqual(['Sand at 400', 'Polish']);
  });

  it('knows by which school a step is done, and its whole time', () => {
    expect(schoolOf({ ...step('polish'), handsOnMin: 15 })).toBe('by hand');
    expect(schoolOf(step('polish'))).toBeUndefined();
    expect(recipeLine(FIRST_RECIPES[0]!)).toBe('7 steps, 25 min hands-on, 15 min waiting');
    expect(minutesOf('2,5')).toBe(2.5);
    expect(minutesOf('soon')).toBeUndefined();
  });
});

describe('RecipesScreen', () => {
  it('makes a recipe of one’s own from the first ones, with another school and a grit left out', async () => {
    const calls = fakeServer({ 'GET /recipes': listOf(), 'POST /recipes': () => ({}) });
    renderWithStore(<RecipesScreen />);
    fireEvent.press(await screen.findByLabelText('Copy and edit: Bright'));
    fireEvent.press(screen.getByText('sodium bisulphate'));
    fireEvent.press(screen.getByLabelText('Leave out Sand at 400'));
    fireEvent.press(screen.getByLabelText('Leave out Sand at 600'));
    expect(screen.getByText(/From 320 to 1000 skips a grit/)).toBeTruthy();
    fireEvent.changeText(screen.getByDisplayValue('Bright'), 'My bright');
    fireEvent.press(screen.getByText('Save recipe'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    const body = calls.find(({ method }) => method === 'POST')?.body as {
      name: string;
      steps: { waits?: object[] }[];
    };
    expect(body.name).toBe('My bright');
    expect(body.steps).toHaveLength(5);
    expect(body.steps[0]?.waits).toEqual([
      { what: 'Pickle', bath: 'the pickle', shortSec: 300, longSec: 600 },
    ]);
  });

  it('says what is wrong with a time, and keeps what was typed', async () => {
    fakeServer({ 'GET /recipes': listOf() });
    renderWithStore(<RecipesScreen />);
    fireEvent.press(await screen.findByText('A new recipe'));
    fireEvent.press(screen.getByLabelText('Add: Satin with steel wool'));
    fireEvent.changeText(screen.getByDisplayValue('6'), 'six');
    expect(screen.getByText('✕ minutes, from 0 to 600')).toBeTruthy();
    expect(screen.getByDisplayValue('six')).toBeTruthy();
  });
});

describe('another finish at the bench', () => {
  it('is chosen from the recipes and becomes the rest of the route', async () => {
    const ring = ringOf(workedTo(stepIndex('pickle')));
    const calls = fakeServer({
      'GET /recipes': listOf(),
      [`POST /rings/${RING_ID}/events`]: () => ring,
    });
    renderWithStore(<RingWork bench={benchRing(ring)} />);
    fireEvent.press(screen.getByText('Other finish'));
    fireEvent.press(screen.getByLabelText('Finish: Dark legend'));
    const sent = () =>
      calls
        .filter(({ path }) => path.endsWith('/events'))
        .flatMap(({ body }) => (body as { events: RingEventInput[] }).events);
    await waitFor(() => expect(sent()).toHaveLength(2));
    const [note, reroute] = sent();
    expect(note?.body).toEqual({ kind: 'note', text: 'Finish: Dark legend' });
    expect(reroute?.body).toMatchObject({
      kind: 'rerouted',
      because: note?.id,
      fromStep: stepIndex('pickle'),
      steps: expect.arrayContaining([expect.objectContaining({ title: 'Grey-black patina' })]),
    });
  });
});

describe('GoldLiningPanel', () => {
  it('tells how long to brush, and longer for thicker gold', () => {
    fakeServer({});
    renderWithStore(<GoldLiningPanel insideDiameterMm={20} heightMm={8} />);
    expect(screen.getByText('0.7 min, 4.0 C')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('2.5 µm, for wear'));
    expect(screen.getByText('3.3 min, 19.8 C')).toBeTruthy();
  });
});
