import { flatMeridian, funnelWall, mapMeridian } from '../forming';
import { spoilRisks, wrinkleIndex } from './spoil-risk';

const flat = flatMeridian(6, 15, 1.8);
const folded = mapMeridian(flat, funnelWall(10.5, 17), { share: 0.5 });

describe('how much a fold may wrinkle', () => {
  // The rim goes from 15 to about 11.8 mm, the land is 9 mm wide and 1.8 thick: 5 times.
  const rimMm = folded.meanRadiusMm.at(-1)!;
  const whole = { from: flat, to: folded, passes: 1 };

  it('is the crowding of the rim a stroke times how slender the land is', () => {
    expect(wrinkleIndex(whole)).toBeCloseTo(Math.log(15 / rimMm) * 5, 9);
    expect(wrinkleIndex({ ...whole, passes: 3 })).toBeCloseTo((Math.log(15 / rimMm) * 5) / 3, 9);
  });

  it('is half that where a hollow holds the face', () => {
    expect(wrinkleIndex({ ...whole, heldByHollow: true })).toBeCloseTo(wrinkleIndex(whole) / 2, 9);
  });

  it('warns over 0.6 and not below', () => {
    const asked = { ...whole, kind: 'fold', coinDiameterMm: 30, workingThicknessMm: 1.8 } as const;
    const passesOver = Math.floor(wrinkleIndex(whole) / 0.6);
    expect(spoilRisks({ ...asked, passes: passesOver }).map(({ code }) => code)).toEqual(['wrinkle']);
    expect(spoilRisks({ ...asked, passes: passesOver + 1 })).toEqual([]);
  });
});

describe('how near a stretched ring comes to its coin', () => {
  it('is worth a word under 0.3 mm', () => {
    const roomOf = (roomMm: number) => {
      const outsideMm = 2 * rimOutside();
      return spoilRisks({
        kind: 'stretch',
        from: flat,
        to: folded,
        passes: 1,
        coinDiameterMm: outsideMm + roomMm,
        workingThicknessMm: 1.8,
      }).map(({ code }) => code);
    };
    const lean = (17 * Math.PI) / 180;
    const rimOutside = () => folded.meanRadiusMm.at(-1)! + (folded.thicknessMm.at(-1)! / 2) * Math.cos(lean);
    expect(roomOf(0.29)).toContain('rim-near-coin');
    expect(roomOf(0.31)).not.toContain('rim-near-coin');
  });
});
