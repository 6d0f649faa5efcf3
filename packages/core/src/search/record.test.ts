import { rounded, roundedLines } from '../testing';
import { REFERENCE_KIT } from '../kit';
import { runToEnd } from '../uncertainty';
import { openingTools, searchStock, sizeMap, type RingWish, type SearchPiece } from './index';

const COIN: SearchPiece = {
  id: 'brenn',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  metal: 'silver-900',
  year: 1948,
  outsideFace: 'obverse',
  price: 15,
};
const STOCK = [
  COIN,
  {
    ...COIN,
    id: 'bronze',
    metal: 'bronze' as const,
    diameterMm: 30.4,
    massG: 10.46,
    rimThicknessMm: 1.75,
    price: 1,
  },
];
const WISH: RingWish = {
  targetInsideDiameterMm: 19.4,
  wall: { kind: 'straight' },
  widthMm: { min: 7, max: 9.5 },
};

/** What is found in a drawer, pinned: the draws are seeded. */
describe('the record of a search', () => {
  it('ways to make a ring', () => {
    expect(roundedLines(runToEnd(searchStock(STOCK, REFERENCE_KIT, WISH, { most: 4 })))).toMatchSnapshot();
  });

  it('what a coin becomes', () => {
    const map = runToEnd(
      sizeMap({
        coin: COIN,
        wall: { kind: 'straight' },
        school: 'over-stretch',
        kit: REFERENCE_KIT.filter(({ id }) => id !== 'stretcher'),
        holesMm: [11.1, 14.3],
      }),
    );
    expect(
      rounded(
        map.cells.map((row) =>
          row.map(({ bandWidthMm, annealCount, method }) => [method, bandWidthMm, annealCount].join(' ')),
        ),
      ),
    ).toMatchSnapshot();
    expect(rounded(openingTools(map))).toMatchSnapshot();
  });
});
