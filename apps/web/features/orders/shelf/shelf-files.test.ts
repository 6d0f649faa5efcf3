import { photos } from '@round-mint/contract/endpoints-bench';
import { defaultWriters } from '@/testing/writers';
import { shelfRingOf } from '@/testing/trade';
import {
  catalogueOf,
  cataloguePage,
  cataloguePaper,
  pictureFiles,
  productData,
  textsOf,
  type ShownOffer,
} from './shelf-files';

// No browser is here to read a file as text.
jest.mock('@/ui/base64', () => ({
  base64Of: async (file: Blob) => Buffer.from(await file.arrayBuffer()).toString('base64'),
}));

const WRITE = defaultWriters();
const WORDS = { systems: ['uk', 'us'], workshop: 'The Quay', currency: 'cr', write: WRITE } as const;
const NOW = new Date('2026-12-01T10:00:00.000Z');
const picture = { jpeg: new Uint8Array([255, 216, 255, 217]), caption: 'The ring' };
const OFFERS: readonly ShownOffer[] = [
  { item: shelfRingOf(1, { ring: { name: 'Ring / of “Ål”' } }), pictures: [picture, picture] },
  {
    item: shelfRingOf(2, { state: 'reserved', texts: { short: 'Own words.', long: 'Own words, in full.' } }),
    pictures: [],
  },
];

describe('files of the shelf', () => {
  it('tell what the maker wrote, else what the figures say', () => {
    expect(textsOf(OFFERS[0]!.item, WORDS).short).toMatch(
      /^Ring made from a coin of Testland, 1948: .*Size UK P½, US 8/,
    );
    expect(textsOf(OFFERS[1]!.item, WORDS).short).toBe('Own words.');
  });

  it('are a page with its pictures in it', async () => {
    const { items, madeOn } = catalogueOf(OFFERS, WORDS, NOW);
    expect(madeOn).toContain('2026');
    expect(items.map(({ isReserved, priceWords }) => [isReserved, priceWords])).toEqual([
      [false, '60.00 cr'],
      [true, '60.00 cr'],
    ]);
    const html = await cataloguePage(OFFERS, WORDS);
    expect(html.match(/<img src="data:image\/jpeg;base64,\/9j\/2Q=="/g)).toHaveLength(2);
    expect(html.match(/<article/g)).toHaveLength(2);
    expect(html).not.toContain(photos.file.path);
  });

  it('are a paper, product data, and a folder for each ring under a name that every disk takes', () => {
    const { blocks } = cataloguePaper(OFFERS, WORDS, NOW);
    expect(blocks.filter(({ kind }) => kind === 'pictures')).toHaveLength(1);
    expect(blocks).toContainEqual({
      kind: 'line',
      label: 'Price',
      value: '60.00 cr, reserved',
      strong: true,
    });
    expect(JSON.parse(productData(OFFERS, WORDS))).toMatchObject({ numberOfItems: 2 });
    const files = pictureFiles(OFFERS, WORDS);
    expect(files.map(({ path }) => path)).toEqual([
      '01-ring-of-al/01-ring-of-al.txt',
      '01-ring-of-al/01-ring-of-al-1.jpg',
      '01-ring-of-al/01-ring-of-al-2.jpg',
      '02-quay-ring-2/02-quay-ring-2.txt',
    ]);
    expect(files[3]?.content).toBe('Quay ring 2\n\n60.00 cr\n\nOwn words.\n\nOwn words, in full.\n');
  });

  it('of an empty shelf say so', async () => {
    expect(await cataloguePage([], WORDS)).toContain('Nothing is for sale');
    expect(cataloguePaper([], WORDS, NOW).blocks).toHaveLength(2);
  });
});
