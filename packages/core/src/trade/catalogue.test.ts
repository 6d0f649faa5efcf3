import { formatLength } from '../format';
import { SIZE_SYSTEMS } from '../size';
import type { CareQuestion } from './care';
import { catalogueHtml } from './catalogue';
import type { Catalogue, CatalogueItem } from './catalogue-item';
import { offerTexts, type OfferRing } from './offer-texts';
import { productList } from './product-data';
import { ringFits } from './ring-fit';

const insideDiameterMm = SIZE_SYSTEMS.us.toDiameterMm(8);
const BAND: CareQuestion = {
  ...{ metal: 'silver-900', finish: 'dark', lined: false, patterned: true, seam: 'none' },
  ...{ thicknessMm: 1.6, insideDiameterMm },
};
const RING: OfferRing = {
  ...BAND,
  ...{ kind: 'coin', stockName: 'Skerrow gannet, 1974', issuer: 'Skerrow', year: 1974, wall: 'straight' },
  ...{ widthMm: 9.1, heightMm: 8.7, massG: 8.44, fits: ringFits(BAND) },
  measured: { size: true, width: true, thickness: true, mass: false },
};
const WORDS = { systems: ['uk', 'eu'], length: (mm: number) => formatLength(mm, 'mm') } as const;
const textsOf = (change: Partial<OfferRing> = {}, story = '') =>
  offerTexts({ ...RING, ...change }, story, WORDS);

describe('what a buyer is told', () => {
  it('is a line from the ring’s own figures, in the buyer’s sizes', () => {
    expect(textsOf().short).toBe(
      'Ring made from a coin of Skerrow, 1974: silver .900, darkened in the recesses. Size UK P½, EU 57 (18.1 mm inside), 9.1 mm wide.',
    );
    expect(textsOf({ issuer: '', lined: true }).short).toMatch(
      /^Ring made from a coin of Skerrow gannet, 1974: silver \.900, darkened in the recesses, gold inside\./,
    );
  });

  it('is, in full, story, measures, resizing, care and caution', () => {
    const { long } = textsOf({}, 'Found in a boat.');
    const parts = long.split('\n\n');
    expect(parts[1]).toBe('Found in a boat.');
    expect(parts[2]).toContain('weighs 8.4 g (computed)');
    // 9.1 mm asks for half a US size, which is a whole one there.
    expect(parts[2]).toContain('choose it 1 UK size larger');
    // A patterned ring goes one US size safely and two at the most, of some two letters each.
    expect(parts[3]).toBe('It can be resized to UK N½ to UK R½; at the most UK L½ to UK T½, with more risk.');
    expect(long).toMatch(/tarnishes[\s\S]*never be passed as money\.$/);
    expect(textsOf().long.split('\n\n')).toHaveLength(parts.length - 1);
  });

  it('says what is not measured, and what cannot be resized', () => {
    const measured = { ...RING.measured, size: false, mass: true };
    expect(textsOf({ measured }).long).toContain('planned and not read yet');
    expect(textsOf({ measured }).long).not.toContain('(computed)');
    const thin = { ...BAND, thicknessMm: 0.9, patterned: false, seam: 'soldered' as const };
    expect(textsOf({ fits: ringFits(thin) }).long).toContain('with the usual risk');
    const here = { fromMm: insideDiameterMm, toMm: insideDiameterMm };
    expect(textsOf({ fits: { safe: here, usual: here } }).long).toContain('It cannot be resized.');
    expect(textsOf({ seam: 'open' }).long).toContain('It is open');
  });

  it.each([
    ['handle', 'Ring made from silverware, Skerrow, 1974'],
    ['strip', 'Plain band:'],
    ['spinner', 'Spinner ring'],
    ['coin-band', 'Band with a coin in it, Skerrow, 1974'],
    ['resize', 'Band:'],
  ] as const)('calls work of kind %s by its name', (kind, words) => {
    expect(textsOf({ kind }).short.startsWith(words)).toBe(true);
  });
});

const ITEM: CatalogueItem = {
  id: 'ring-1',
  ...{ name: 'Wind & <water>', short: 'A "short" line.', long: 'First.\n\nSecond.' },
  ...{ price: 177, priceWords: '177.00 cr', isReserved: false, metal: 'silver .900', massG: 8.44 },
  facts: [['Size', 'UK P½']],
  pictures: [
    { dataUrl: 'data:image/jpeg;base64,AAAA', alt: 'The ring' },
    { dataUrl: 'data:image/jpeg;base64,BBBB', alt: 'Inside' },
  ],
};
const CATALOGUE: Catalogue = {
  ...{
    title: 'Rings of the quay',
    workshop: 'The Quay Workshop',
    currency: 'EUR',
    madeOn: '1 December 2026',
  },
  items: [ITEM, { ...ITEM, id: 'ring-2', isReserved: true, pictures: [] }],
};

/** What a page's data element holds. */
function dataOf(html: string): unknown {
  return JSON.parse(/<script type="application\/ld\+json">(.*?)<\/script>/s.exec(html)?.[1] ?? 'null');
}

describe('the catalogue as a page', () => {
  const html = catalogueHtml(CATALOGUE);

  it('needs nothing from elsewhere, and runs nothing', () => {
    expect(html.match(/(src|href)="[^"]*"/g)).toEqual([
      'src="data:image/jpeg;base64,AAAA"',
      'src="data:image/jpeg;base64,BBBB"',
    ]);
    expect(html.match(/<script/g)).toHaveLength(1);
    expect(html).not.toMatch(/@import|url\(/);
  });

  it('takes every word for what it is', () => {
    expect(html).toContain('<h2>Wind &amp; &lt;water&gt;</h2>');
    expect(html).toContain('<p>First.</p><p>Second.</p>');
    const sly = catalogueHtml({ ...CATALOGUE, items: [{ ...ITEM, short: '</script><b>' }] });
    expect(sly.match(/<\/script>/g)).toHaveLength(1);
    expect(sly).not.toContain('<b>');
    expect(dataOf(sly)).toMatchObject({ itemListElement: [{ item: { description: '</script><b>' } }] });
  });

  it('says which are reserved, how many there are, and when there are none', () => {
    expect(html.match(/· reserved/g)).toHaveLength(1);
    expect(html).toContain('2 rings, as of 1 December 2026');
    expect(catalogueHtml({ ...CATALOGUE, items: [] })).toContain('Nothing is for sale at the moment.');
  });

  it('holds the product data of every ring', () => {
    expect(dataOf(html)).toEqual(JSON.parse(JSON.stringify(productList(CATALOGUE))));
    expect(productList(CATALOGUE)).toMatchObject({
      '@type': 'ItemList',
      numberOfItems: 2,
      itemListElement: [
        {
          position: 1,
          item: {
            ...{ '@type': 'Product', sku: 'ring-1', material: 'silver .900' },
            weight: { value: 8.4, unitCode: 'GRM' },
            additionalProperty: [{ name: 'Size', value: 'UK P½' }],
            offers: { price: '177.00', priceCurrency: 'EUR', availability: 'https://schema.org/InStock' },
          },
        },
        { item: { offers: { availability: 'https://schema.org/Reserved' } } },
      ],
    });
  });

  it('names no currency that is no code', () => {
    const { itemListElement } = productList({ ...CATALOGUE, currency: 'cr' });
    expect(itemListElement.map(({ item }) => 'priceCurrency' in item.offers)).toEqual([false, false]);
  });
});
