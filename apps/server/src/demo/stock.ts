import type { CoinStockInput } from '@round-mint/contract/stock';
import { demoId } from './demo-id';

type Row = readonly [
  name: string,
  issuer: string,
  year: number,
  metal: CoinStockInput['metal'],
  diameterMm: number,
  rimThicknessMm: number,
  massG: number,
  edge: CoinStockInput['edge'],
  outsideFace: CoinStockInput['outsideFace'],
  grade: string,
  price: number,
  quantity: number,
  form: NonNullable<CoinStockInput['form']>,
  notes: string,
];

/** Pieces of invented issuing states; masses fit sizes and metals as struck coins do (the test checks the fill). A table, so it is kept as one. */
// prettier-ignore
const ROWS: readonly Row[] = [
  ['5 corvi', 'Marenza', 1961, 'silver-835', 31.4, 2.15, 15.37, 'lettered', 'reverse', 'very fine', 24, 3, 'round', 'Ship on the reverse; legend close to the rim.'],
  ['10 corvi, jubilee', 'Marenza', 1974, 'silver-900', 34.6, 2.3, 20.41, 'reeded', 'obverse', 'extremely fine', 38, 1, 'round', ''],
  ['1 corvo', 'Marenza', 1966, 'cupronickel', 23.1, 1.75, 6.10, 'reeded', 'either', 'fine', 1.5, 6, 'round', ''],
  ['2 holm', 'Osterholm', 1957, 'silver-800', 32.7, 2.2, 16.87, 'lettered', 'reverse', 'very fine', 29, 2, 'round', 'Owl faces outward best.'],
  ['50 spir', 'Osterholm', 1949, 'bronze', 27.1, 1.9, 8.93, 'plain', 'obverse', 'very good', 2, 4, 'round', ''],
  ['1 holm', 'Osterholm', 1968, 'silver-400', 28.8, 1.95, 11.00, 'reeded', 'reverse', 'fine', 9, 5, 'round', 'Pickles pink.'],
  ['gannet', 'Skerrow', 1974, 'silver-500', 35.4, 2.4, 20.55, 'reeded', 'obverse', 'very fine', 21, 2, 'round', 'Long legend: good for a wide band.'],
  ['fulmar', 'Skerrow', 1938, 'silver-500', 31.7, 2, 13.89, 'reeded', 'either', 'fine', 13, 3, 'round', ''],
  ['tern', 'Skerrow', 1951, 'cupronickel', 28.2, 1.9, 9.76, 'reeded', 'either', 'fine', 2, 8, 'round', ''],
  ['limpet', 'Skerrow', 1912, 'bronze', 30.4, 1.75, 10.46, 'plain', 'reverse', 'good', 1, 7, 'round', 'Heron; dark skin worth keeping.'],
  ['harbour medal', 'Tarn', 1938, 'silver-999', 34.2, 2.6, 22.05, 'plain', 'obverse', 'extremely fine', 46, 1, 'round', 'High relief.'],
  ['20 tarns', 'Tarn', 1929, 'silver-720', 29.7, 2, 12.69, 'lettered', 'obverse', 'very fine', 19, 2, 'round', ''],
  ['5 tarns', 'Tarn', 1931, 'silver-720', 23.8, 1.75, 7.18, 'reeded', 'either', 'fine', 8, 4, 'round', 'Small: for small fingers and signets.'],
  ['50 velm', 'Velmar', 1958, 'silver-835', 29.3, 1.9, 12.02, 'reeded', 'reverse', 'very fine', 17, 3, 'round', ''],
  ['100 velm, bridge', 'Velmar', 1965, 'silver-900', 36.9, 2.45, 24.59, 'lettered', 'reverse', 'extremely fine', 41, 1, 'round', 'The bridge runs right round when it faces outward.'],
  ['5 brenn', 'Brennac Union', 1954, 'silver-900', 24.6, 1.75, 7.77, 'reeded', 'obverse', 'fine', 7, 12, 'round', ''],
  ['20 brenn', 'Brennac Union', 1948, 'silver-900', 30.9, 2.15, 15.13, 'reeded', 'obverse', 'very fine', 15, 6, 'round', 'The workhorse: any size from small to large.'],
  ['60 brenn of the pass', 'Brennac Union', 1923, 'silver-900', 37.7, 2.6, 27.24, 'reeded', 'obverse', 'very fine', 44, 2, 'round', 'Under size 11½ it wants stepped reduction.'],
  ['5 brenn, clad', 'Brennac Union', 1986, 'clad', 24.6, 1.75, 6.75, 'reeded', 'either', 'very fine', 0.5, 20, 'round', 'The copper line shows on the edge.'],
  ['trade round', 'Quillon Isles', 2014, 'silver-999', 39.6, 2.75, 32.68, 'reeded', 'either', 'proof-like', 36, 3, 'round', ''],
  ['3 quills', 'Quillon Isles', 1922, 'copper', 33.1, 2.2, 15.78, 'plain', 'reverse', 'fine', 3, 5, 'round', 'Seal it: copper greens the skin.'],
  ['10 quills', 'Quillon Isles', 1955, 'brass', 25.6, 1.8, 7.24, 'plain', 'either', 'fine', 1, 4, 'round', ''],
  ['1 quill', 'Quillon Isles', 1910, 'silver-925', 19.6, 1.3, 3.66, 'reeded', 'either', 'fine', 4, 3, 'round', 'Thin and small: a midi ring at most.'],
  ['10 velm, war issue', 'Velmar', 1943, 'zinc-core', 28.3, 1.9, 7.90, 'plain', 'either', 'good', 0.5, 3, 'round', 'Kept as a warning: grey, light, no ring.'],
  ['2 quills, emergency', 'Quillon Isles', 1942, 'steel', 25.3, 1.6, 5.91, 'plain', 'either', 'good', 0.3, 2, 'round', 'A magnet lifts it.'],
  ['harvest 5 spir', 'Osterholm', 1920, 'bronze', 26.8, 1.7, 7.39, 'plain', 'either', 'good', 0.8, 2, 'holed', 'Holed in the middle when struck.'],
];

const LEGAL_NOTE =
  'Withdrawn by an issuer of this made-up world; in yours, check local law before altering a coin.';

/** What has to be seen on a ring of some of them, by their place in the drawer. */
const MUST_STAY: Readonly<Record<number, Pick<CoinStockInput, 'mustStay'>>> = {
  0: {
    mustStay: [
      {
        id: demoId('must-stay', 0),
        name: 'the year',
        face: 'reverse',
        mark: { kind: 'sector', fromDeg: 163, toDeg: 197, innerMm: 10.9, outerMm: 13.7 },
      },
    ],
  },
};

/** The coins in the drawer of the made-up workshop. */
export const DEMO_COINS: readonly (CoinStockInput & { readonly id: string })[] = ROWS.map(
  (
    [
      name,
      issuer,
      year,
      metal,
      diameterMm,
      rimThicknessMm,
      massG,
      edge,
      outsideFace,
      grade,
      price,
      quantity,
      form,
      notes,
    ],
    index,
  ) => ({
    id: demoId('stock', index),
    kind: 'coin',
    name: `${issuer} ${name}, ${year}`,
    issuer,
    year,
    metal,
    diameterMm,
    rimThicknessMm,
    massG,
    edge,
    outsideFace,
    grade,
    origin: 'Estate of the late harbour master',
    price,
    legalNote: LEGAL_NOTE,
    notes,
    quantity,
    form,
    ...(MUST_STAY[index] ?? {}),
  }),
);
