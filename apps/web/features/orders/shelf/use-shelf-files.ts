import type { ShelfRing } from '@round-mint/contract/shelf';
import { useRef, useState } from 'react';
import { loadQr } from '@/features/shared/print/load-qr';
import { qrPath } from '@/features/shared/print/qr-path';
import { saveFile } from '@/features/shared/print/save-file';
import { useGetAccessQuery } from '@/store/access-api';
import { useAppDispatch } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import {
  cataloguePage,
  cataloguePaper,
  pictureFiles,
  productData,
  type CatalogueWords,
  type ShownOffer,
} from './shelf-files';
import { picturesOf } from './shelf-pictures';
import { labelsOf, priceList } from './table-papers';

/** Files that the shelf goes out as; pictures are drawn for the first three. */
export type ShelfFile = 'page' | 'pdf' | 'zip' | 'products' | 'json' | 'prices' | 'labels';

const WITH_PICTURES: readonly ShelfFile[] = ['page', 'pdf', 'zip'];

async function zipOf(offers: readonly ShownOffer[], words: CatalogueWords): Promise<Uint8Array> {
  const { default: JSZip } = await import('jszip');
  const zip = new JSZip();
  for (const { path, content } of pictureFiles(offers, words)) zip.file(path, content);
  return zip.generateAsync({ type: 'uint8array' });
}

/** Labels whose codes open the rings on a phone. @param address of this workshop, as phones reach it */
async function labelsFile(items: readonly ShelfRing[], words: CatalogueWords, address: string) {
  const { create } = await loadQr();
  const { labelsPdf } = await import('@/features/shared/print/pdf');
  const codeOf = (id: string) =>
    qrPath(create(`${address}/orders/shelf/${id}`, { errorCorrectionLevel: 'M' }).modules);
  return labelsPdf(`Labels of ${words.workshop}`, labelsOf(items, words.write, codeOf));
}

async function save(
  file: ShelfFile,
  offers: readonly ShownOffer[],
  words: CatalogueWords,
  address: string,
): Promise<void> {
  const items = offers.map(({ item }) => item);
  switch (file) {
    case 'prices': {
      const { paperPdf } = await import('@/features/shared/print/pdf');
      const paper = priceList(items, words.workshop, words.write);
      saveFile('prices.pdf', await paperPdf(paper), 'application/pdf');
      return;
    }
    case 'labels':
      saveFile('labels.pdf', await labelsFile(items, words, address), 'application/pdf');
      return;
    case 'page':
      saveFile('shelf.html', await cataloguePage(offers, words), 'text/html');
      return;
    case 'pdf': {
      const { paperPdf } = await import('@/features/shared/print/pdf');
      saveFile('shelf.pdf', await paperPdf(cataloguePaper(offers, words)), 'application/pdf');
      return;
    }
    case 'zip':
      saveFile('shelf.zip', await zipOf(offers, words), 'application/zip');
      return;
    case 'products':
      saveFile('shelf.jsonld', productData(offers, words), 'application/ld+json');
      return;
    case 'json':
      saveFile(
        'shelf.json',
        JSON.stringify(
          offers.map(({ item }) => item),
          undefined,
          2,
        ),
        'application/json',
      );
  }
}

/** Makes files of the shelf; pictures are drawn one ring at a time, and it can be stopped. */
export function useShelfFiles(items: readonly ShelfRing[], words: CatalogueWords) {
  const dispatch = useAppDispatch();
  const traits = useBenchTraits();
  const address = useGetAccessQuery().data?.addresses[0] ?? window.location.origin;
  const [share, setShare] = useState<number>();
  const [problem, setProblem] = useState(false);
  // Which making goes on: another one, or a stop, ends it.
  const making = useRef(0);
  const stop = () => {
    making.current += 1;
    setShare(undefined);
  };
  const make = async (file: ShelfFile) => {
    making.current += 1;
    const own = making.current;
    setProblem(false);
    setShare(0);
    try {
      const offers: ShownOffer[] = [];
      for (const [i, item] of items.entries()) {
        const pictures = WITH_PICTURES.includes(file) ? await picturesOf(item, traits, dispatch) : [];
        if (making.current !== own) return;
        offers.push({ item, pictures });
        setShare((i + 1) / items.length);
      }
      await save(file, offers, words, address);
    } catch {
      if (making.current === own) setProblem(true);
    }
    if (making.current === own) setShare(undefined);
  };
  return { make, stop, share, problem };
}
