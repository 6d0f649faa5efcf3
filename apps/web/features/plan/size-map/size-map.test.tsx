import type { MapCell } from '@round-mint/core/search';
import { fireEvent, screen } from '@testing-library/react-native';
import { stockChosen } from '@/features/plan/draft/plan-draft-slice';
import { defaultWriters } from '@/testing/writers';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { dispatchAll, renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { kindOf, openingWords, tintOf } from './map-words';
import { MapScreen } from './MapScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const TOOL = {
  kind: 'stretcher',
  words: 'a stretcher that reaches 25.0 mm',
  sizeMm: 25,
  smallerIsHarder: false,
} as const;
const cell = (change: Partial<MapCell>): MapCell => ({
  holeMm: 12.7,
  targetMm: 18,
  method: 'fold',
  bandWidthMm: 9,
  annealCount: 5,
  thinEdge: false,
  missingTools: [],
  ...change,
});

describe('words of the map', () => {
  it('tells five kinds of cell apart', () => {
    expect(kindOf(cell({}))).toBe('makes');
    expect(kindOf(cell({ method: 'stepped' }))).toBe('stepped');
    expect(kindOf(cell({ method: 'stepped', thinEdge: true }))).toBe('thin');
    expect(kindOf(cell({ missingTools: [TOOL] }))).toBe('tool');
    expect(kindOf(cell({ bandWidthMm: undefined }))).toBe('not');
  });

  it('tints wider bands more, and what cannot be made not at all', () => {
    const [narrow, wide, none] = [
      cell({ bandWidthMm: 7 }),
      cell({ bandWidthMm: 10 }),
      cell({ bandWidthMm: undefined }),
    ];
    const tint = tintOf({ sizesMm: [], holesMm: [], cells: [[narrow, wide, none]] });
    expect(tint(wide)).toBeGreaterThan(tint(narrow));
    expect(tint(narrow)).toBeGreaterThan(0);
    expect(tint(none)).toBe(0);
  });

  it('names the tool and the sizes it would open', () => {
    const write = { ...defaultWriters(), size: (mm: number) => `${mm}` };
    expect(openingWords({ tool: TOOL, sizesMm: [23.8] }, write)).toBe(
      'A stretcher that reaches 25.0 mm would open 23.8.',
    );
    expect(openingWords({ tool: TOOL, sizesMm: [22, 23.6256] }, write)).toContain('22 to 23.6256, 2 sizes');
  });
});

describe('MapScreen', () => {
  it('says which holes cut what must stay on the piece', async () => {
    const mark = { kind: 'sector', fromDeg: 160, toDeg: 200, innerMm: 6.7, outerMm: 9 } as const;
    const piece = pieceOf({ mustStay: [{ id: pieceOf().id, name: 'the year', face: 'obverse', mark }] });
    fakeServer({ 'GET /stock': listOf(piece), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    const { store } = renderWithStore(<MapScreen />);
    dispatchAll(store, stockChosen(piece.id));
    const cut = await screen.findAllByRole('button', { name: /hole 14\.3 mm: .*cuts the year$/ });
    expect(cut.length).toBeGreaterThan(1);
    expect(screen.queryAllByRole('button', { name: /hole 12\.7 mm: .*cuts/ })).toEqual([]);
    expect(screen.getByText('14.3 ✕')).toBeTruthy();
    expect(screen.getByText('✕ the hole cuts what must stay')).toBeTruthy();
  });

  it('shows every size and hole; a tap plans one', async () => {
    fakeServer({ 'GET /stock': listOf(pieceOf()), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    const { store } = renderWithStore(<MapScreen />);
    dispatchAll(store, stockChosen(pieceOf().id));
    const chosen = await screen.findByRole('button', { name: /^US 9½, hole 14\.3 mm: 8\.\d mm wide/ });
    fireEvent.press(chosen);
    expect(store.getState().planDraft).toMatchObject({ holeMm: 14.3, sizeText: 'US 9½' });
    expect(router.navigate).toHaveBeenCalledWith('/plan');
  });

  it('needs a coin', async () => {
    fakeServer({ 'GET /stock': listOf(), 'GET /kit': listOf() });
    renderWithStore(<MapScreen />);
    expect(await screen.findByText('No coin chosen yet.')).toBeTruthy();
  });
});
