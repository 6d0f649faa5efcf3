import { STOCK_KIND_NAMES, type StockItem } from '@round-mint/contract/stock';
import { identify } from '@round-mint/core/identify';
import { pieceMass, type Permits, type PieceMass } from '@round-mint/core/work';
import { metalById } from '@round-mint/core/metal';

const FORM_WORDS = {
  round: '',
  'not-round': 'not round',
  holed: 'holed',
  'ring-cored': 'ring-cored',
} as const;

/** Why a piece is never made into a ring; undefined when it may be. */
export function refusalOf(piece: StockItem): string | undefined {
  const may = permitsOf(piece);
  if (may?.bend === 'no') return 'A test of this piece says that it must not be bent.';
  const { refusal } = metalById(piece.metal);
  if (piece.kind === 'coin') {
    const form = FORM_WORDS[piece.form ?? 'round'];
    const tested = may?.fold === 'no' ? 'A test of this piece says that it must not be folded.' : undefined;
    return refusal ?? tested ?? (form ? `The piece is ${form}.` : undefined);
  }
  // Plated ware is bent as it is; what refuses heat and folding does not keep it from that.
  return piece.metal === 'silver-plate' ? undefined : refusal;
}

/** What a test of the piece found that it may bear; undefined when it was not tested. */
export function permitsOf({ evidence }: Pick<StockItem, 'evidence'>): Permits | undefined {
  return evidence ? identify(evidence).may : undefined;
}

export function kindWords({ kind }: Pick<StockItem, 'kind'>): string {
  return STOCK_KIND_NAMES[kind];
}

const SECTION_WORDS = { rect: '', d: 'half round ', court: 'court ' } as const;

/** How large a piece is, in a few words. */
export function sizeWords(piece: StockItem, length: (mm: number, decimals?: number) => string): string {
  switch (piece.kind) {
    case 'coin':
      return `⌀ ${length(piece.diameterMm)}`;
    case 'handle': {
      const last = Math.max(...piece.stations.map(({ atMm }) => atMm));
      const thick = piece.stations.map(({ thicknessMm }) => thicknessMm);
      return `${length(last, 0)} long · ${length(Math.min(...thick))} to ${length(Math.max(...thick))} thick`;
    }
    case 'strip':
      return piece.section === 'round'
        ? `⌀ ${length(piece.thicknessMm)} · ${length(piece.lengthMm, 0)} left`
        : `${SECTION_WORDS[piece.section]}${length(piece.widthMm)} × ${length(piece.thicknessMm, 2)} · ${length(piece.lengthMm, 0)} left`;
    case 'band':
      return `⌀ ${length(piece.insideDiameterMm)} inside · ${length(piece.widthMm)} wide`;
  }
}

/** The measures that a piece is known by, in a few words. */
export function measureWords(piece: StockItem, length: (mm: number, decimals?: number) => string): string {
  const size = sizeWords(piece, length);
  return piece.kind === 'coin' && piece.massG !== undefined ? `${size} · ${massWords(piece) ?? ''}` : size;
}

/** A mass in grams, no finer than it is known. */
export function massFigure({ massG, offG }: PieceMass): string {
  return massG.toFixed(offG === 0 ? 2 : offG < 0.5 ? 1 : 0);
}

/** What a piece weighs: as weighed, or about so much by its measures; undefined where neither tells. */
export function massWords(piece: StockItem): string | undefined {
  const mass = pieceMass(piece);
  return mass && `${mass.offG > 0 ? 'about ' : ''}${massFigure(mass)} g`;
}

/** What a search looks at. */
export function searchText(piece: StockItem): string {
  return [
    piece.name,
    kindWords(piece),
    piece.issuer,
    piece.year,
    metalById(piece.metal).name,
    piece.notes,
    piece.grade,
  ]
    .join(' ')
    .toLowerCase();
}
