import * as fc from 'fast-check';
import { mostHoleMm, spoiltMarks } from '../faces';
import { type Kit, REFERENCE_KIT } from '../kit';
import { runToEnd } from '../uncertainty';
import {
  idealWidthMm,
  openingTools,
  paretoFront,
  pieceFitsWish,
  searchStock,
  sizeMap,
  type RingWish,
  type SearchPiece,
} from './index';

const BRENN: SearchPiece = {
  id: 'brenn',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  metal: 'silver-900',
  year: 1948,
  outsideFace: 'obverse',
  price: 15,
};
const STOCK: readonly SearchPiece[] = [
  BRENN,
  { ...BRENN, id: 'none-left', quantity: 0 },
  { ...BRENN, id: 'steel', metal: 'steel' },
  { ...BRENN, id: 'small', diameterMm: 19.2, rimThicknessMm: 1.3, massG: 3.51 },
  {
    ...BRENN,
    id: 'bronze',
    metal: 'bronze',
    diameterMm: 30.4,
    massG: 10.46,
    rimThicknessMm: 1.75,
    year: 1912,
    price: 1,
  },
];
const WISH: RingWish = {
  targetInsideDiameterMm: 19.8,
  wall: { kind: 'straight' },
  widthMm: { min: 7.5, max: 9 },
};
const PUSHERS: Kit = [21, 20, 19, 18, 17, 16, 15, 14].map((diameterMm) => ({
  id: `pusher-${diameterMm}`,
  name: `${diameterMm} mm pusher`,
  spec: { kind: 'stepped-pusher', diameterMm },
}));
const PUNCHES: Kit = [
  ...REFERENCE_KIT.filter(
    ({ spec }) => spec.kind !== 'punch' || [12.7, 14.3, 15.9].includes(spec.diameterMm),
  ),
  ...PUSHERS,
];
const without = (kind: string): Kit => PUNCHES.filter(({ spec }) => spec.kind !== kind);

describe('the school of an option', () => {
  it('is the one with the most points before rings are drawn', () => {
    const punches = PUNCHES.filter(({ spec }) => spec.kind !== 'punch' || spec.diameterMm === 14.3);
    const options = (school?: RingWish['school']) =>
      runToEnd(searchStock([BRENN], punches, { ...WISH, ...(school ? { school } : {}) }));
    const points = ({ widthErrorMm, cost, missingTools }: ReturnType<typeof options>[number]) =>
      100 -
      9 * widthErrorMm -
      60 * 0.06 * cost.risks -
      3 * cost.anneals -
      0.15 * cost.minutes -
      20 * missingTools.length;
    const each = (['over-stretch', 'straighten', 'leave'] as const).flatMap((school) => options(school));
    const most = Math.max(...each.map(points));
    expect(new Set(each.map(points)).size).toBeGreaterThan(1);
    expect(options().map(points)).toEqual([most]);
  });
});

describe('paretoFront', () => {
  const points = fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 0, max: 5 })), {
    minLength: 1,
    maxLength: 20,
  });

  it('keeps exactly what nothing else beats, and never nothing', () => {
    fc.assert(
      fc.property(points, (measures) => {
        const front = paretoFront(measures);
        expect(front).toContain(true);
        measures.forEach(([x, y], i) => {
          const beaten = measures.some(([a, b]) => a <= x && b <= y && (a < x || b < y));
          expect(front[i]).toBe(!beaten);
        });
      }),
    );
  });
});

describe('what must stay on a piece', () => {
  const mark = (innerMm: number, outerMm: number, face: 'obverse' | 'reverse' = 'obverse') =>
    ({
      name: 'the year',
      face,
      mark: { kind: 'sector', fromDeg: 160, toDeg: 200, innerMm, outerMm },
    }) as const;
  const holes = (piece: SearchPiece, wish: Partial<RingWish> = {}) =>
    new Set(runToEnd(searchStock([piece], PUNCHES, { ...WISH, ...wish })).map(({ holeMm }) => holeMm));

  it('leaves only the holes that leave it whole, unless it may be cut', () => {
    const all = holes(BRENN);
    expect(all.size).toBeGreaterThan(1);
    const largest = Math.max(...all);
    const marked = { ...BRENN, mustStay: [mark(largest / 2 - 0.2, 11)] };
    expect([...holes(marked)].sort()).toEqual([...all].filter((holeMm) => holeMm < largest).sort());
    expect(holes(marked, { mayCut: true })).toEqual(all);
    expect(spoiltMarks(marked, largest)).toEqual(['the year']);
    expect(mostHoleMm(marked)).toBeCloseTo(largest - 0.4, 9);
    expect(mostHoleMm(BRENN)).toBe(Infinity);
  });

  it('inside may be taken by the trimmed lip: then the piece is not offered that way round', () => {
    const atRim = { ...BRENN, mustStay: [mark(12, BRENN.diameterMm / 2 - 0.01)] };
    expect(holes(atRim)).toEqual(holes(BRENN));
    const inside = { ...BRENN, mustStay: [mark(12, BRENN.diameterMm / 2 - 0.01, 'reverse')] };
    expect(holes(inside).size).toBe(0);
    // The other face outside leaves it.
    expect(holes({ ...inside, outsideFace: 'either' }, { face: 'reverse' })).toEqual(holes(BRENN));
  });
});

describe('pieceFitsWish', () => {
  it('asks for year, metal, face, price and that one is left', () => {
    expect(pieceFitsWish(BRENN, WISH)).toBe(true);
    expect(pieceFitsWish({ ...BRENN, quantity: 0 }, WISH)).toBe(false);
    expect(pieceFitsWish(BRENN, { ...WISH, year: 1949 })).toBe(false);
    expect(pieceFitsWish(BRENN, { ...WISH, metal: 'copper' })).toBe(false);
    expect(pieceFitsWish(BRENN, { ...WISH, face: 'reverse' })).toBe(false);
    expect(pieceFitsWish({ ...BRENN, outsideFace: 'either' }, { ...WISH, face: 'reverse' })).toBe(true);
    expect(pieceFitsWish(BRENN, { ...WISH, priceMax: 14 })).toBe(false);
    expect(pieceFitsWish({ ...BRENN, price: null }, { ...WISH, priceMax: 1 })).toBe(true);
  });

  it('aims at the ideal, else the middle of what is allowed', () => {
    expect(idealWidthMm({ min: 6, max: 9, ideal: 8 })).toBe(8);
    expect(idealWidthMm({ min: 6, max: 9 })).toBe(7.5);
    expect(idealWidthMm({ min: 6 })).toBe(6);
  });
});

describe('searchStock', () => {
  const options = runToEnd(searchStock(STOCK, PUNCHES, WISH));

  it('offers only what can be made within the width, best first', () => {
    expect(options.length).toBeGreaterThan(2);
    expect(new Set(options.map(({ stockId }) => stockId))).toEqual(new Set(['brenn', 'bronze']));
    for (const { bandWidthMm, widthMm } of options) {
      expect(bandWidthMm).toBeGreaterThan(7.2);
      expect(bandWidthMm).toBeLessThan(9.3);
      expect(widthMm.low).toBeLessThan(bandWidthMm);
      expect(widthMm.high).toBeGreaterThan(bandWidthMm);
    }
    const scores = options.map(({ score }) => score);
    expect([...scores].sort((a, b) => b - a)).toEqual(scores);
  });

  it('marks the front, says why in words, and names one school a hole', () => {
    expect(options.some(({ onFront }) => onFront)).toBe(true);
    for (const { why, annealCount } of options) {
      expect(why).toMatch(/wanted/);
      expect(why).toContain(`${annealCount} anneal`);
      expect(why).toMatch(/\d+ in 100 lost/);
    }
    const places = options.map(({ stockId, holeMm }) => `${stockId} ${holeMm}`);
    expect(new Set(places).size).toBe(places.length);
  });

  it('ranks alike whatever its rings are drawn with, and scores within half a point', () => {
    const drawnWith = (seed: number) => runToEnd(searchStock(STOCK, PUNCHES, WISH, { seed }));
    for (const again of [2, 3].map(drawnWith)) {
      expect(again.map(({ stockId, holeMm }) => `${stockId} ${holeMm}`)).toEqual(
        options.map(({ stockId, holeMm }) => `${stockId} ${holeMm}`),
      );
      again.forEach(({ score }, i) => expect(Math.abs(score - (options[i]?.score ?? 0))).toBeLessThan(0.5));
    }
  });

  it('shows equal pieces once, with how many there are; another name, year or mass is another piece', () => {
    const equal = [
      { ...BRENN, quantity: 2 },
      { ...BRENN, id: 'again' },
      { ...BRENN, id: 'gone', quantity: 0 },
      { ...BRENN, id: 'lighter', massG: 14.9 },
      { ...BRENN, id: 'younger', year: 1950 },
      { ...BRENN, id: 'of-another-name', name: 'Marenza' },
    ];
    const found = runToEnd(searchStock(equal, PUNCHES, WISH));
    const counts = new Map(found.map(({ stockId, alike }) => [stockId, alike]));
    expect(counts).toEqual(
      new Map([
        ['brenn', 3],
        ['lighter', 1],
        ['younger', 1],
        ['of-another-name', 1],
      ]),
    );
  });

  it('keeps to the school that was asked for', () => {
    const only = runToEnd(searchStock([BRENN], PUNCHES, { ...WISH, school: 'straighten' }));
    expect(only.length).toBeGreaterThan(0);
    expect(only.every(({ school }) => school === 'straighten')).toBe(true);
  });

  it('ranks what needs a tool that is not owned below what needs none, and names the tool', () => {
    const [best] = runToEnd(searchStock([BRENN], without('stretcher'), { ...WISH, school: 'over-stretch' }));
    expect(best?.why).toContain('needs a stretcher');
    expect(best?.score).toBeLessThan(options.find(({ stockId }) => stockId === 'brenn')?.score ?? 0);
  });
});

describe('sizeMap', () => {
  const coin = BRENN;
  const map = runToEnd(sizeMap({ coin, wall: { kind: 'straight' }, kit: PUNCHES }));

  it('has a cell for every size and hole; widths fall as holes and sizes grow', () => {
    expect(map.holesMm).toEqual([12.7, 14.3, 15.9]);
    expect(map.cells).toHaveLength(map.sizesMm.length);
    map.cells.forEach((row) => {
      const widths = row.flatMap(({ bandWidthMm }) => bandWidthMm ?? []);
      expect([...widths].sort((a, b) => b - a)).toEqual(widths);
    });
    const column = map.cells.flatMap((row) => row[0]?.bandWidthMm ?? []);
    expect([...column].sort((a, b) => b - a)).toEqual(column);
  });

  it('refuses sizes that the coin cannot become', () => {
    expect(map.cells[0]?.every(({ method }) => method === 'none')).toBe(false);
    const small = runToEnd(
      sizeMap({ coin: { ...coin, diameterMm: 22 }, wall: { kind: 'straight' }, kit: PUNCHES }),
    );
    expect(small.cells.at(-1)?.every(({ bandWidthMm }) => bandWidthMm === undefined)).toBe(true);
  });

  it('names the one tool that would open the sizes which the kit cannot make', () => {
    expect(openingTools(map)).toEqual([]);
    const bare = runToEnd(sizeMap({ coin, wall: { kind: 'straight' }, kit: without('stepped-pusher') }));
    const [opening] = openingTools(bare);
    expect(opening?.tool.kind).toBe('stepped-pusher');
    const stepped = bare.cells.flatMap((row) =>
      row.some(({ method }) => method === 'stepped') ? [row[0]?.targetMm] : [],
    );
    expect(stepped).toEqual(expect.arrayContaining([...(opening?.sizesMm ?? [])]));
    expect(opening?.tool.sizeMm).toBeLessThanOrEqual(Math.min(...(opening?.sizesMm ?? [])) + 0.5);
  });
});

describe('what over-stretching buys', () => {
  const found = (kit: Kit) => runToEnd(searchStock([BRENN], kit, { ...WISH, targetInsideDiameterMm: 19.4 }));

  it('edges turned in weigh more than the heat they take, and the reason says so', () => {
    const [first] = found(REFERENCE_KIT);
    expect(first?.school).toBe('over-stretch');
    expect(first?.why).toMatch(/edges turned in/);
  });

  it('a tool that is missing for them weighs more', () => {
    const [first] = found(
      REFERENCE_KIT.map((tool) =>
        tool.spec.kind === 'stretcher' ? { ...tool, spec: { ...tool.spec, largestMm: 20 } } : tool,
      ),
    );
    expect(first?.school).not.toBe('over-stretch');
    expect(first?.missingTools).toEqual([]);
  });
});

describe('the progress of a search', () => {
  it('goes from nothing to all by its three stages, and never back', () => {
    const work = searchStock([BRENN], REFERENCE_KIT, WISH, { most: 3 });
    const told: number[] = [];
    let step = work.next();
    for (; !step.done; step = work.next()) told.push(step.value);
    const drawn = step.value.length;
    expect(told).toEqual([...told].sort((a, b) => a - b));
    // Glancing ends at 0.3 and routing at 0.7; the rest is shared by what is drawn.
    expect(told).toEqual(expect.arrayContaining([0.3, 0.7].map((at) => expect.closeTo(at, 9))));
    expect(told.at(-1)).toBeCloseTo(0.7 + (0.3 * (drawn - 1)) / drawn, 9);
  });
});
