import { flatMeridian, type WallWish } from '../../forming';
import { REFERENCE_KIT } from '../../kit';
import { DEFAULT_TRAITS, FRESH } from '../../steps';
import { runPass } from '../passes';
import { isFormed, dueMove, nextMoves, type Goal, type RouteState } from './index';

const FLAT: RouteState = { stage: 'flat', wall: flatMeridian(6.35, 15.3, 2.1, 16), spent: FRESH };
const goal = (change: Partial<Goal> = {}): Goal => ({
  wish: { kind: 'straight' },
  targetMm: 19.8,
  school: 'over-stretch',
  method: 'fold',
  coinDiameterMm: 30.9,
  workingThicknessMm: 2.1,
  allowanceStrainLog: 0.12,
  kit: REFERENCE_KIT,
  traits: DEFAULT_TRAITS,
  ...change,
});
const keys = (state: RouteState, to: Goal) => nextMoves(state, to).map(({ key }) => key);

/** The piece after the moves named, each in one go. */
function after(to: Goal, ...names: readonly string[]): RouteState {
  return names.reduce<RouteState>((state, name) => {
    const move = nextMoves(state, to).find(({ key }) => key === name);
    if (!move) throw new Error(`${name} is not open from ${state.stage}: ${keys(state, to).join(', ')}`);
    const wall = runPass(move.phase, state.wall, state.wall, { from: 0, to: 1 });
    return { ...state, ...move.settles, stage: move.to, wall };
  }, FLAT);
}

describe('what can be done next', () => {
  it('a flat washer is cupped by a ball or folded in a die', () => {
    expect(keys(FLAT, goal())).toEqual(['ball', 'fold-17']);
    expect(keys(after(goal(), 'ball'), goal())).toEqual(['fold-17']);
  });

  it('a ball too small for the washer is not offered', () => {
    const kit = REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'dapping-ball');
    const small = { id: 'b', name: '12 mm ball', spec: { kind: 'dapping-ball', diameterMm: 12 } } as const;
    expect(keys(FLAT, goal({ kit: [...kit, small] }))).toEqual(['fold-17']);
  });

  it('a funnel in a wide die may go on into a narrower one', () => {
    const wide = {
      id: 'w',
      name: '25° die',
      spec: { kind: 'fold-die', angleDeg: 25, mouthMm: 42, smallEndMm: 14 },
    } as const;
    const to = goal({ kit: [...REFERENCE_KIT, wide] });
    expect(keys(FLAT, to)).toEqual(['ball', 'fold-17', 'fold-25']);
    expect(keys(after(to, 'fold-25'), to)).toContain('fold-17');
    expect(keys(after(to, 'fold-17'), to)).not.toContain('fold-25');
  });

  it.each([
    ['over-stretch', ['fold-17', 'rim-in', 'stretch', 'reduce'], 'to-size'],
    ['straighten', ['fold-17', 'rim-in', 'open-tapered', 'cone'], 'to-size'],
    ['leave', ['fold-17', 'stretch', 'rim-in'], 'to-size'],
  ] as const)('%s leads to a straight band at its size', (school, names, stage) => {
    const to = goal({ school });
    const state = after(to, ...names);
    expect(state.stage).toBe(stage);
    expect(isFormed(state, to)).toBe(true);
    const insides = state.wall.meanRadiusMm.map((radius, i) => 2 * radius - (state.wall.thicknessMm[i] ?? 0));
    insides.forEach((inside) => expect(inside).toBeCloseTo(19.8, 2));
  });

  it('a rounded wall is curled at 17° first, then in a die or a dapping block', () => {
    const wish: WallWish = { kind: 'rounded', curlDeg: 25 };
    const to = goal({ wish, school: 'leave' });
    const straight = after(to, 'fold-17', 'stretch');
    const toSize = straight.stage === 'to-size' ? straight : after(to, 'fold-17', 'stretch', 'rim-in');
    expect(isFormed(toSize, to)).toBe(false);
    expect(keys(toSize, to)).toEqual(['curl-17']);
    const curled = after(
      to,
      ...(straight.stage === 'to-size' ? ['fold-17', 'stretch'] : ['fold-17', 'stretch', 'rim-in']),
      'curl-17',
    );
    expect(keys(curled, to)).toEqual(expect.arrayContaining(['curl-25']));
    expect(
      isFormed(
        after(
          to,
          ...(straight.stage === 'to-size' ? ['fold-17', 'stretch'] : ['fold-17', 'stretch', 'rim-in']),
          'curl-17',
          'curl-25',
        ),
        to,
      ),
    ).toBe(true);
  });

  it('a tapered wall is opened to size and its rim brought in; nothing after', () => {
    const to = goal({ wish: { kind: 'tapered' }, school: 'leave' });
    const done = after(to, 'fold-17', 'open-tapered', 'close-tapered');
    expect(done.stage).toBe('curled');
    expect(keys(done, to)).toEqual([]);
  });
});

describe('dueMove', () => {
  it('takes the first open move that the plan names, else the first there is', () => {
    expect(dueMove(FLAT, goal(), ['stretch', 'fold-17'])?.key).toBe('fold-17');
    expect(dueMove(FLAT, goal(), [])?.key).toBe('ball');
    expect(dueMove({ ...FLAT, stage: 'curled' }, goal(), ['fold-17'])).toBeUndefined();
  });
});
