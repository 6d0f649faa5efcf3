import { planInputSchema } from '@round-mint/contract/plans';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '@round-mint/core/size';
import { answerWish, type WishPiece } from '@round-mint/core/trade';
import { runToEnd } from '@round-mint/core/uncertainty';
import { pieceOf } from '@/testing/fake-server';
import { intakeOf, orderFrom, wishOfOrder } from './intake-model';
import { answerChosen, EMPTY_INTAKE, intakeSlice, intakeTyped, type IntakeTexts } from './intake-slice';
import { optionKey, planOfOption, stepsOfOption } from './option-plan';

const TEXTS: IntakeTexts = { ...EMPTY_INTAKE, personName: 'Calla Venn', size: 'T½' };
const intake = (change: Partial<IntakeTexts>) => intakeOf({ ...TEXTS, ...change }, DEFAULT_SETTINGS);
const IDS = {
  id: '00000008-0000-4000-8000-000000000001',
  personId: '00000007-0000-4000-8000-000000000001',
  personName: 'Calla Venn',
};

describe('intakeOf', () => {
  it('turns what was typed into a wish', () => {
    const { wish, problems } = intake({
      year: '1948',
      widthMin: '8',
      widthMax: '9,5',
      metal: 'silver-900',
      wall: 'rounded',
    });
    expect(problems).toEqual({});
    expect(wish).toMatchObject({
      kind: 'coin',
      wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
      widthMm: { min: 8, max: 9.5 },
      year: 1948,
      metal: 'silver-900',
    });
    expect(wish?.targetInsideDiameterMm).toBeCloseTo((37.5 + 1.25 * 19.5) / Math.PI, 6);
  });

  it('says what is wrong, box by box, and searches nothing meanwhile', () => {
    expect(intake({ size: 'big' }).problems.size).toContain('7½');
    expect(intake({ widthMin: '9', widthMax: '8' }).problems.widthMax).toContain('smallest');
    expect(intake({ year: 'old' }).wish).toBeUndefined();
    expect(intake({ personName: ' ' }).problems.personName).toBe('must not be empty');
    expect(intake({ wantedBy: 'soon' }).problems.wantedBy).toContain('2026-12-24');
    expect(intake({ exchangePieces: '1' }).problems.exchangePieces).toContain('from 2');
    expect(intake({ stockFrom: 'sent-in' }).problems.stockId).toContain('Stock');
  });

  it('minds a large knuckle, a narrow gauge, and what was only told', () => {
    const knuckle = intake({ size: '7', measuredBy: 'knuckle', knuckle: '9' });
    expect(knuckle.advice.join()).toContain('open ring');
    expect(intake({ gaugeWidth: '3', widthMin: '8' }).advice.join()).toContain('narrower');
    expect(intake({ measuredBy: 'told' }).advice.join()).toContain('sizer');
    expect(intake({}).advice).toEqual([]);
  });

  it('proposes room for a wide band, and adds it only when it is taken', () => {
    const proposed = intake({ widthMin: '9', widthMax: '10' });
    expect(proposed.allowance?.usSizes).toBe(0.5);
    const taken = intake({ widthMin: '9', widthMax: '10', allowanceUs: 0.5 });
    expect(taken.allowance).toBeUndefined();
    expect((taken.targetMm ?? 0) - (proposed.targetMm ?? 0)).toBeCloseTo(0.5 * MM_PER_US_SIZE, 9);
  });
});

describe('orderFrom', () => {
  it('is an order by the contract, named by person and piece', () => {
    const order = orderFrom(
      { ...TEXTS, year: '1948', wantedBy: '2026-12-24', exchangePieces: '3', exchangeValue: '12' },
      DEFAULT_SETTINGS,
      IDS,
    );
    expect(order).toMatchObject({
      name: 'Calla, 1948 coin ring',
      sizeText: 'T½',
      wantedBy: '2026-12-24',
      exchange: { pieces: 3, valueEach: 12 },
      approvalWanted: true,
      planId: null,
    });
    expect(orderFrom({ ...TEXTS, size: 'big' }, DEFAULT_SETTINGS, IDS)).toBeUndefined();
  });

  it('gives the same wish back', () => {
    const texts = {
      ...TEXTS,
      year: '1948',
      widthMin: '8',
      face: 'obverse' as const,
      wall: 'rounded' as const,
    };
    const order = orderFrom(texts, DEFAULT_SETTINGS, IDS);
    expect(order && wishOfOrder(order)).toEqual(intakeOf(texts, DEFAULT_SETTINGS).wish);
  });
});

describe('the intake slice', () => {
  it('forgets the chosen answer when the wish changes, not when it is named', () => {
    const { reducer } = intakeSlice;
    const chosen = reducer(undefined, answerChosen('a 12.7 straight'));
    expect(reducer(chosen, intakeTyped({ name: 'For the ferry' })).chosen).toBe('a 12.7 straight');
    expect(reducer(chosen, intakeTyped({ size: '9' })).chosen).toBeNull();
  });
});

describe('an answer that is taken', () => {
  const strip: WishPiece = {
    kind: 'strip',
    id: '00000001-0000-4000-8000-000000000009',
    name: 'Strip',
    metal: 'silver-925',
    section: 'rect',
    thicknessMm: 1.5,
    widthMm: 6,
    lengthMm: 300,
    quantity: 1,
  };
  const bench = { stock: [pieceOf() as WishPiece, strip], kit: REFERENCE_KIT, traits: DEFAULT_TRAITS };
  const wish = {
    kind: 'coin' as const,
    targetInsideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(10),
    wall: { kind: 'straight' } as const,
    finish: 'polished' as const,
    widthMm: {},
  };

  it.each(['coin', 'strip'] as const)('becomes a plan of a %s by the contract, with its steps', (kind) => {
    const asked = { ...wish, kind };
    const [option] = runToEnd(answerWish(asked, bench, 'us')).options;
    const plan = planOfOption(option!, asked, { id: IDS.id, name: 'Test' });
    expect(planInputSchema.parse(plan)).toMatchObject({ kind, stockId: option!.stockId });
    const steps = stepsOfOption(option!, asked, bench, 'after-punching');
    expect(steps.length).toBeGreaterThan(4);
    expect(optionKey(option!)).toContain(option!.stockId);
  });
});
