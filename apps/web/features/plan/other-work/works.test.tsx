import type { StockItem } from '@round-mint/contract/stock';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { WORK_KINDS, type WorkKind } from '@round-mint/core/work';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf } from '@/testing/fake-server';
import { learntOf } from '@/testing/learnt';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { defaultWriters } from '@/testing/writers';
import { explainFigure, quantityWords } from '@/features/plan/answer/quantity-words';
import { startTexts, WORK_FIELDS } from './work-fields';
import { workModel } from './work-model';
import { WorkPlanScreen } from './WorkPlanScreen';
import { workChanged } from './works-slice';

let mockKind: WorkKind = 'handle';
let mockParams: Readonly<Record<string, string>> = {};
jest.mock('expo-router', () => ({
  ...jest.requireActual('@/testing/router').fakeRouter(),
  useLocalSearchParams: () => ({ ...mockParams, kind: mockKind }),
}));

const WRITERS = defaultWriters();
const COMMON = {
  issuer: '',
  year: null,
  grade: '',
  origin: '',
  price: null,
  legalNote: '',
  notes: '',
  quantity: 2,
  createdAt: '2026-03-01T10:00:00.000Z',
  updatedAt: '2026-03-01T10:00:00.000Z',
  version: 1,
} as const;
const id = (n: number) => `00000001-0000-4000-8000-0000000001${String(n).padStart(2, '0')}`;
const SPOON: StockItem = {
  ...COMMON,
  id: id(1),
  kind: 'handle',
  name: 'Wave spoon',
  metal: 'silver-925',
  enamel: [],
  stations: [
    { atMm: 0, thicknessMm: 2.5, widthMm: 18 },
    { atMm: 60, thicknessMm: 2.1, widthMm: 9 },
    { atMm: 120, thicknessMm: 3.4, widthMm: 8 },
  ],
};
const STRIP: StockItem = {
  ...COMMON,
  id: id(2),
  kind: 'strip',
  name: 'Sterling strip',
  metal: 'silver-925',
  section: 'rect',
  thicknessMm: 1.5,
  widthMm: 7,
  lengthMm: 300,
};
const BAND: StockItem = {
  ...COMMON,
  id: id(3),
  kind: 'band',
  name: 'Wheat-ear band',
  metal: 'silver-925',
  insideDiameterMm: 19,
  thicknessMm: 1.7,
  widthMm: 6,
  profile: 'd',
  patterned: true,
  stones: false,
  soldered: false,
};
const QUILL = pieceOf({ id: id(4), name: '1 quill', diameterMm: 19, rimThicknessMm: 1.5, massG: 3.6 });
const STOCK = [SPOON, STRIP, BAND, QUILL];
const PIECE_FOR: Readonly<Record<WorkKind, StockItem>> = {
  handle: SPOON,
  strip: STRIP,
  spinner: STRIP,
  'coin-band': QUILL,
  resize: BAND,
};

function modelOf(kind: WorkKind, change: Readonly<Record<string, string>> = {}, sizeText = 'US 8') {
  const draft = {
    stockId: PIECE_FOR[kind].id,
    sizeText,
    finish: 'polished',
    allowanceUs: 0,
    texts: { ...startTexts(kind), ...change },
  } as const;
  return workModel(kind, draft, STOCK, REFERENCE_KIT, DEFAULT_SETTINGS, DEFAULT_TRAITS);
}

describe('workModel', () => {
  it.each(WORK_KINDS)('plans a %s from what it starts with', (kind) => {
    const { plan, problems, pieces } = modelOf(kind);
    expect(problems).toEqual({});
    expect(plan?.feasible).toBe(true);
    expect(pieces).toContain(PIECE_FOR[kind]);
  });

  it('names what is wrong with a field, and keeps the rest', () => {
    expect(modelOf('handle', { startMm: 'far' }).problems['startMm']).toContain('length such as');
    expect(modelOf('handle', { style: 'spiral', turns: '12' }).problems['turns']).toContain('1 to 8');
    expect(modelOf('coin-band', { stripWidthMm: '30' }).problems['stripWidthMm']).toContain(
      'wider than the coin',
    );
    expect(modelOf('coin-band', { knuckleMm: 'large' }).problems['knuckleMm']).toBeTruthy();
    expect(modelOf('strip', {}, 'P+2')).toMatchObject({ plan: undefined, targetMm: undefined });
  });

  it('proposes a little more for a wide closed band, and for no other', () => {
    expect(modelOf('handle').allowance?.usSizes).toBeGreaterThan(0);
    expect(modelOf('strip').allowance?.usSizes).toBe(0.25);
    expect(modelOf('coin-band').allowance).toBeUndefined();
    expect(modelOf('resize').allowance).toBeUndefined();
  });

  it('asks only for what the style needs', () => {
    const shown = (style: string) =>
      WORK_FIELDS.handle.filter(({ when }) => when?.({ style }) ?? true).map(({ key }) => key);
    expect(shown('straight')).not.toContain('overlapMm');
    expect(shown('overlap')).toContain('overlapMm');
    expect(shown('spiral')).toEqual(expect.arrayContaining(['turns', 'pitchMm']));
  });
});

describe('quantities', () => {
  it.each([
    [{ kind: 'length', mm: 1.234, decimals: 2 }, '1.23 mm'],
    [{ kind: 'mass', g: 3.5 }, '3.50 g'],
    [{ kind: 'share', share: 0.1234 }, '12.3%'],
    [{ kind: 'count', count: 3, of: 'anneals' }, '3'],
    [{ kind: 'angle', deg: 40.4 }, '40°'],
    [{ kind: 'sizes', us: -0.5 }, '½ size'],
    [{ kind: 'words', words: 'a file' }, 'a file'],
  ] as const)('%j is written %s', (quantity, words) => {
    expect(quantityWords(quantity, WRITERS)).toBe(words);
  });

  it('every figure of every plan explains itself', () => {
    for (const kind of WORK_KINDS) {
      for (const figure of modelOf(kind).plan?.figures ?? []) {
        const { value, words, source } = explainFigure(kind, figure, WRITERS);
        expect(value).toMatch(/\S/);
        expect(`${words}${source}`.length).toBeGreaterThan(20);
      }
    }
  });
});

describe('WorkPlanScreen', () => {
  async function open(kind: WorkKind) {
    mockKind = kind;
    const calls = fakeServer({
      'GET /stock': listOf(...STOCK),
      'GET /kit': listOf(),
      'GET /learnt': { ...learntOf(), used: false, rings: 0 },
      'POST /plans': {},
      'POST /rings': { id: id(9) },
    });
    const { store } = renderWithStore(<WorkPlanScreen />);
    await screen.findByText('Finish');
    act(() => void store.dispatch(workChanged({ kind, change: { stockId: PIECE_FOR[kind].id } })));
    return calls;
  }

  it.each(WORK_KINDS)('plans a %s and takes it to the bench', async (kind) => {
    const calls = await open(kind);
    expect(await screen.findByTestId('verdict')).toBeTruthy();
    expect(screen.getByLabelText('Figures of the ring')).toBeTruthy();
    fireEvent.press(screen.getByTestId('take-to-bench'));
    fireEvent.press(screen.getByText('Begin this ring'));
    await waitFor(() => expect(calls.some(({ path }) => path === '/rings')).toBe(true));
    expect(calls.find(({ path }) => path === '/plans')?.body).toMatchObject({
      kind,
      stockId: PIECE_FOR[kind].id,
    });
  });

  it('takes piece, size and how it is made from its address once, and only where they can be read', async () => {
    const work = { kind: 'strip', textured: true, widthMm: 4.5 };
    mockParams = { stockId: STRIP.id, size: 'US 9', work: JSON.stringify(work) };
    await open('strip');
    mockParams = {};
    expect(await screen.findByDisplayValue('US 9')).toBeTruthy();
    expect(screen.getByTestId('work-widthMm').props['value']).toBe('4.5');
    expect(router.setParams).toHaveBeenCalledWith({ size: undefined, work: undefined });
    screen.unmount();
    // Of another kind, and none at all: the size alone is taken.
    for (const told of ['{"kind":"resize","cover":"cloth"}', 'no work']) {
      mockParams = { stockId: STRIP.id, size: 'US 7', work: told };
      await open('strip');
      mockParams = {};
      expect(await screen.findByDisplayValue('US 7')).toBeTruthy();
      expect(screen.getByTestId('work-widthMm').props['value']).toBe('');
      screen.unmount();
    }
  });

  it('answers a change at once, and explains its numbers', async () => {
    await open('handle');
    fireEvent.press(await screen.findByText('overlap'));
    expect(screen.getByTestId('work-overlapMm')).toBeTruthy();
    fireEvent.press(screen.getByText('Add it'));
    expect(await screen.findByText(/size for width/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('figure-length'));
    expect(await screen.findByText(/slices are added up/)).toBeTruthy();
  });

  it('lists the pieces of its kind alone', async () => {
    await open('resize');
    fireEvent.press(screen.getByText('Choose another piece'));
    const rows = await screen.findAllByRole('radio');
    expect(screen.queryByText('Wave spoon')).toBeNull();
    expect(rows.length).toBeGreaterThan(0);
  });
});
