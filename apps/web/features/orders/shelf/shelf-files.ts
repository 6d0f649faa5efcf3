import type { ShelfRing } from '@round-mint/contract/shelf';
import { metalById } from '@round-mint/core/metal';
import type { SizeSystemId } from '@round-mint/core/size';
import {
  catalogueHtml,
  offerTexts,
  productList,
  type Catalogue,
  type CatalogueItem,
  type OfferTexts,
} from '@round-mint/core/trade';
import type { Paper, PaperPicture } from '@/features/shared/print/paper';
import type { Writers } from '@/features/shared/settings/use-settings';
import { longDay } from '@/features/shared/words/dates';
import { base64Of } from '@/ui/base64';
import { everySize, fitsWords } from '@/features/shared/words/shelf-words';

/** A ring of the shelf with its pictures. */
export interface ShownOffer {
  readonly item: ShelfRing;
  readonly pictures: readonly PaperPicture[];
}

/** How a catalogue is written. */
export interface CatalogueWords {
  /** The buyer's sizes first. */
  readonly systems: readonly SizeSystemId[];
  readonly workshop: string;
  readonly currency: string;
  readonly write: Writers;
}

/** What a buyer reads of a ring: as the maker changed it, else from its figures. */
export function textsOf(
  { ring, story, texts }: Pick<ShelfRing, 'ring' | 'story' | 'texts'>,
  { systems, write }: Pick<CatalogueWords, 'systems' | 'write'>,
): OfferTexts {
  return texts ?? offerTexts(ring, story, { systems, length: write.length });
}

/** What stands in a catalogue line by line: little enough to compare rings by. */
function offerFacts({ ring }: ShelfRing, write: Writers): CatalogueItem['facts'] {
  return [
    ['Size', everySize(ring.insideDiameterMm)],
    ['Inside', write.length(ring.insideDiameterMm)],
    ['Can be resized to', fitsWords(ring, write)],
    ['Width', write.length(ring.widthMm)],
    ['Weight', `${ring.massG.toFixed(1)} g`],
    ['Metal', metalById(ring.metal).name],
  ];
}

/** Pictures as they stand in a page. */
async function inPage(pictures: readonly PaperPicture[]): Promise<CatalogueItem['pictures']> {
  return Promise.all(
    pictures.map(async ({ jpeg, caption }) => ({
      dataUrl: `data:image/jpeg;base64,${await base64Of(new Blob([new Uint8Array(jpeg)]))}`,
      alt: caption,
    })),
  );
}

/** Without its pictures: only a page has them in it. */
function catalogueItem({ item }: ShownOffer, words: CatalogueWords): CatalogueItem {
  const { ring, id, price, state } = item;
  return {
    ...{ id, price, name: ring.name, massG: ring.massG, metal: metalById(ring.metal).name },
    ...textsOf(item, words),
    priceWords: words.write.money(price),
    isReserved: state === 'reserved',
    facts: offerFacts(item, words.write),
    pictures: [],
  };
}

/** All that a catalogue shows on a day, but pictures. */
export function catalogueOf(
  offers: readonly ShownOffer[],
  words: CatalogueWords,
  now = new Date(),
): Catalogue {
  const { workshop, currency } = words;
  return {
    title: `Rings of ${workshop}`,
    ...{ workshop, currency, madeOn: longDay(now) },
    items: offers.map((offer) => catalogueItem(offer, words)),
  };
}

/** The catalogue as a page, its pictures in it. */
export async function cataloguePage(offers: readonly ShownOffer[], words: CatalogueWords): Promise<string> {
  const { items, ...catalogue } = catalogueOf(offers, words);
  const pictured = items.map(async (item, i) => ({
    ...item,
    pictures: await inPage(offers[i]?.pictures ?? []),
  }));
  return catalogueHtml({ ...catalogue, items: await Promise.all(pictured) });
}

/** Product data without pictures, for a maker's own page. */
export const productData = (offers: readonly ShownOffer[], words: CatalogueWords) =>
  JSON.stringify(productList(catalogueOf(offers, words)), undefined, 2);

/** A ring stands on one page, with its picture or without, mm. */
const RING_MM = { pictured: 140, plain: 65 } as const;

/** The catalogue on paper. */
export function cataloguePaper(
  offers: readonly ShownOffer[],
  words: CatalogueWords,
  now = new Date(),
): Paper {
  const { title, workshop, madeOn, items } = catalogueOf(offers, words, now);
  return {
    title,
    blocks: [
      { kind: 'small', text: `${workshop} · ${madeOn}` },
      { kind: 'title', text: title },
      ...items.flatMap(({ name, short, priceWords, isReserved, facts }, i) => [
        {
          kind: 'gap',
          keepMm: (offers[i]?.pictures ?? []).length > 0 ? RING_MM.pictured : RING_MM.plain,
        } as const,
        { kind: 'heading', text: name } as const,
        ...(offers[i] && offers[i].pictures.length > 0
          ? [{ kind: 'pictures', pictures: offers[i].pictures } as const]
          : []),
        { kind: 'text', text: short } as const,
        ...facts.map(([label, value]) => ({ kind: 'line', label, value }) as const),
        {
          kind: 'line',
          label: 'Price',
          value: `${priceWords}${isReserved ? ', reserved' : ''}`,
          strong: true,
        } as const,
      ]),
    ],
  };
}

/** A name that every file system takes, and that no other ring of the shelf has. */
function folderName({ item: { ring } }: ShownOffer, index: number): string {
  const name = ring.name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');
  return `${String(index + 1).padStart(2, '0')}-${name.toLowerCase()}`;
}

/** Pictures and a text file of each ring, as files with their paths. */
export function pictureFiles(
  offers: readonly ShownOffer[],
  words: CatalogueWords,
): readonly { readonly path: string; readonly content: string | Uint8Array }[] {
  return offers.flatMap((offer, index) => {
    const folder = folderName(offer, index);
    const { item, pictures } = offer;
    const { short, long } = textsOf(item, words);
    const text = [item.ring.name, words.write.money(item.price), short, long].join('\n\n');
    return [
      { path: `${folder}/${folder}.txt`, content: `${text}\n` },
      ...pictures.map(({ jpeg }, i) => ({ path: `${folder}/${folder}-${i + 1}.jpg`, content: jpeg })),
    ];
  });
}
