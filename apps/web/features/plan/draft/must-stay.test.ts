import { REFERENCE_KIT } from '@round-mint/core/kit';
import { planCoinRing } from '@round-mint/core/route';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { pieceOf } from '@/testing/fake-server';
import { lipRadii, markStandings, spoilWords, standingWords } from './must-stay';

const sector = (innerMm: number, outerMm: number) =>
  ({ kind: 'sector', fromDeg: 160, toDeg: 200, innerMm, outerMm }) as const;
const year = (innerMm: number, outerMm: number) =>
  ({ id: 'a', name: 'the year', face: 'obverse', mark: sector(innerMm, outerMm) }) as const;
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const HOLES = [11.1, 12.7, 13.5, 15];

const lipsOf = ({ diameterMm }: ReturnType<typeof pieceOf>) => ({
  obverse: diameterMm / 2,
  reverse: diameterMm / 2,
});
const standing = (piece: ReturnType<typeof pieceOf>, holeMm: number, holes: readonly number[] = HOLES) => {
  const [first] = markStandings(piece, holeMm, lipsOf(piece), holes);
  if (!first) throw new Error('the piece has a mark');
  return first;
};

describe('what must stay on a piece', () => {
  const piece = pieceOf({ mustStay: [year(7.25, 9)] });

  it('stays whole with a hole that lies within it', () => {
    expect(standingWords(standing(piece, 12.7), 12.7, length)).toBe(
      'The year stays whole: 0.9 mm of the face is left between it and the hole.',
    );
    expect(spoilWords(piece, 12.7, lipsOf(piece))).toBeUndefined();
  });

  it('is cut by a larger one; the largest punch that leaves it is named', () => {
    const cut = standing(piece, 15);
    expect(standingWords(cut, 15, length)).toBe(
      'The year is cut with 15.0 mm; 13.5 mm leaves 0.5 mm below it.',
    );
    expect(spoilWords(piece, 15, lipsOf(piece))).toBe('cuts the year');
  });

  it('is cut by a hole that is off towards it, on either face as that face is turned', () => {
    const towards = (angleDeg: number) => ({ offsetMm: 1, angleDeg });
    const of = (mark: object, angleDeg: number) => {
      const marked = pieceOf({ mustStay: [{ ...year(7.25, 9), ...mark }], faceTurn: 'coin' });
      return spoilWords(marked, 12.7, lipsOf(marked), towards(angleDeg));
    };
    expect(of({}, 180)).toBe('cuts the year');
    expect(of({}, 0)).toBeUndefined();
    // Turned over top to bottom, what lies at the foot of one face is at the top of the other.
    expect(of({ face: 'reverse' }, 0)).toBe('cuts the year');
    expect(of({ face: 'reverse' }, 180)).toBeUndefined();
  });

  it('is lost where the hole is all of it', () => {
    expect(spoilWords(piece, 19, lipsOf(piece))).toBe('loses the year');
  });

  it('says how large a hole may be where no punch is as small', () => {
    expect(standingWords(standing(piece, 15, [15]), 15, length)).toBe(
      'The year is cut with 15.0 mm; it stays with 14.5 mm at most, and no punch here is as small.',
    );
  });

  it('is told of the nearer of hole and rim', () => {
    const near = pieceOf({ mustStay: [year(13, 15.2)] });
    expect(standingWords(standing(near, 12.7), 12.7, length)).toMatch(/between it and the rim\.$/);
  });

  it('inside may be cut by the trimmed lip, whatever the hole', () => {
    const wall = { kind: 'straight' } as const;
    const plan = planCoinRing(
      { coin: piece, holeMm: 12.7, targetInsideDiameterMm: 18.95, wall },
      { kit: REFERENCE_KIT },
    );
    const lips = lipRadii({ ...piece, outsideFace: 'reverse' }, plan, DEFAULT_TRAITS);
    const rimMm = piece.diameterMm / 2;
    expect(lips.reverse).toBe(rimMm);
    expect(plan.route?.steps.some(({ kind }) => kind === 'trim')).toBe(lips.obverse < rimMm);
    const [inside] = markStandings(
      pieceOf({ mustStay: [year(13, rimMm)] }),
      12.7,
      { ...lips, obverse: rimMm - 0.3 },
      HOLES,
    );
    expect(inside && standingWords(inside, 12.7, length)).toBe(
      'The year is cut by the trimmed lip, whatever the hole: turn the other face outside.',
    );
  });

  it('is nothing on a piece without marks', () => {
    expect(markStandings(pieceOf(), 12.7, { obverse: 15, reverse: 15 }, HOLES)).toEqual([]);
  });
});
