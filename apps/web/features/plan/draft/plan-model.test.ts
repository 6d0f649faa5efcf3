import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import type { CoinStock } from '@round-mint/contract/stock';
import { renderHook, waitFor } from '@testing-library/react-native';
import { defaultWriters } from '@/testing/writers';
import { explainPlan } from '@/features/plan/answer/explain';
import { FIRST_DRAFT, planDraftSlice, sizeTyped, stockChosen, type PlanDraft } from './plan-draft-slice';
import { pieceOutcome, planModel, type PlanModel } from './plan-model';
import { useHoleOptions } from '@/features/plan/coin/use-hole-options';

const PIECE: CoinStock = {
  id: 'piece',
  kind: 'coin',
  name: 'Test brenn',
  issuer: 'Brennac',
  year: null,
  edge: 'plain',
  outsideFace: 'either',
  grade: '',
  origin: '',
  price: null,
  legalNote: '',
  notes: '',
  createdAt: '',
  updatedAt: '',
  version: 1,
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  metal: 'silver-900',
  form: 'round',
  quantity: 1,
};

function model(change: Partial<PlanDraft> = {}, piece: CoinStock = PIECE, settings = DEFAULT_SETTINGS) {
  return planModel({ ...FIRST_DRAFT, stockId: piece.id, ...change }, piece, [], settings, (mm) => `${mm}`);
}

/** The holes with their widths, once all are computed. */
async function optionsOf(shown: PlanModel) {
  const { result } = renderHook(() => useHoleOptions(shown));
  await waitFor(() => expect(result.current.every(({ known }) => known)).toBe(true));
  return result.current;
}

describe('planModel', () => {
  it('chooses a hole by itself, and shows the same width for it everywhere', async () => {
    const shown = model();
    const { holeMm, plan } = shown;
    expect(holeMm).toBe(15.9);
    const options = await optionsOf(shown);
    expect(options.find((hole) => hole.holeMm === holeMm)?.bandWidthMm).toBe(plan?.bandWidthMm);
  });

  it('gives each owned hole its width: narrower for larger holes', async () => {
    const widths = (await optionsOf(model())).flatMap(({ bandWidthMm }) => bandWidthMm ?? []);
    expect(widths.length).toBeGreaterThan(4);
    widths.slice(1).forEach((width, i) => expect(width).toBeLessThan(widths[i]!));
  });

  it('keeps what was typed when it is no size, and says what would be', () => {
    const { targetMm, sizeProblem, plan } = model({ sizeText: 'quite large' });
    expect(targetMm).toBeUndefined();
    expect(plan).toBeUndefined();
    expect(sizeProblem).toMatch(/7½/);
  });

  it('has no width for a hole that cannot make the size, and still a verdict', async () => {
    const shown = model({ sizeText: '20' });
    const { plan } = shown;
    expect((await optionsOf(shown)).every(({ bandWidthMm }) => bandWidthMm === undefined)).toBe(true);
    expect(plan?.feasible).toBe(false);
    expect(plan?.reasons[0]?.code).toBe('rim-would-grow');
  });

  it('proposes a wide-band allowance once, never adds it itself, and not when it is off', () => {
    const proposed = model();
    expect(proposed.allowance?.usSizes).toBe(0.25);
    const taken = model({ allowanceUs: 0.25 });
    expect(taken.allowance).toBeUndefined();
    expect(taken.targetMm! - proposed.targetMm!).toBeCloseTo(0.25 * 0.8128, 9);
    expect(model({}, PIECE, { ...DEFAULT_SETTINGS, wideBandAllowance: false }).allowance).toBeUndefined();
  });
});

describe('pieceOutcome', () => {
  it('names hole and width, or neither for what is refused', () => {
    const wish = { targetInsideDiameterMm: model().targetMm!, wall: { kind: 'straight' } } as const;
    expect(pieceOutcome(PIECE, wish, kit())).toMatchObject({ holeMm: 12.7 });
    const zinc = { ...PIECE, metal: 'zinc-core' } as CoinStock;
    expect(pieceOutcome(zinc, wish, kit()).holeMm).toBeUndefined();
  });

  function kit() {
    return [
      { id: 'p', name: 'punch', spec: { kind: 'punch', diameterMm: 12.7, selfCentring: false } } as const,
    ];
  }
});

describe('planDraftSlice', () => {
  it('asks for a hole anew with another piece, and for an allowance anew with another size', () => {
    const before = { ...FIRST_DRAFT, holeMm: 12.7, allowanceUs: 0.5 };
    expect(planDraftSlice.reducer(before, stockChosen('other'))).toMatchObject({
      stockId: 'other',
      holeMm: null,
    });
    expect(planDraftSlice.reducer(before, sizeTyped('8'))).toMatchObject({
      sizeText: '8',
      allowanceUs: 0,
      holeMm: 12.7,
    });
  });
});

describe('explainPlan', () => {
  it('gives every number its words, its inputs and its source', () => {
    for (const wall of ['straight', 'rounded', 'tapered'] as const) {
      const shown = model({ wall });
      const explanations = explainPlan(shown, shown.plan!, defaultWriters());
      for (const { value, words, inputs, source } of Object.values(explanations)) {
        expect(value).toMatch(/\d|none/);
        expect(words.length).toBeGreaterThan(30);
        expect(inputs.length).toBeGreaterThan(0);
        expect(source).toMatch(/\w/);
      }
    }
  });
});
