import { stockInputSchema, type CoinStock, type CoinStockInput } from '@round-mint/contract/stock';
import { mmToInch, parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import type { MetalId } from '@round-mint/core/metal';
import { checkFill, type FillCheck } from '@round-mint/core/stock';
import { z } from 'zod';

/** The form holds text as it was typed: nothing is lost on the way to a number. */
const textsSchema = z.object({
  name: z.string(),
  issuer: z.string(),
  year: z.string(),
  metal: z.string(),
  diameterMm: z.string(),
  rimThicknessMm: z.string(),
  massG: z.string(),
  form: z.string(),
  edge: z.string(),
  outsideFace: z.string(),
  grade: z.string(),
  origin: z.string(),
  price: z.string(),
  quantity: z.string(),
  legalNote: z.string(),
  notes: z.string(),
});
export type PieceTexts = z.infer<typeof textsSchema>;

export const NEW_PIECE: PieceTexts = {
  name: '',
  issuer: '',
  year: '',
  metal: 'silver-900',
  diameterMm: '',
  rimThicknessMm: '',
  massG: '',
  form: 'round',
  edge: 'reeded',
  outsideFace: 'either',
  grade: '',
  origin: '',
  price: '',
  quantity: '1',
  legalNote: '',
  notes: '',
};

function lengthText(lengthMm: number | undefined, unit: LengthUnit): string {
  if (lengthMm === undefined) return '';
  return unit === 'in' ? mmToInch(lengthMm).toFixed(4) : String(lengthMm);
}

/** A stored piece as texts to edit. */
export function pieceTexts(piece: CoinStock, unit: LengthUnit): PieceTexts {
  return {
    name: piece.name,
    issuer: piece.issuer,
    year: piece.year === null ? '' : String(piece.year),
    metal: piece.metal,
    diameterMm: lengthText(piece.diameterMm, unit),
    rimThicknessMm: lengthText(piece.rimThicknessMm, unit),
    massG: piece.massG === undefined ? '' : String(piece.massG),
    form: piece.form ?? 'round',
    edge: piece.edge,
    outsideFace: piece.outsideFace,
    grade: piece.grade,
    origin: piece.origin,
    price: piece.price === null ? '' : String(piece.price),
    quantity: String(piece.quantity),
    legalNote: piece.legalNote,
    notes: piece.notes,
  };
}

const NUMBER = /^\s*-?\d+(?:[.,]\d+)?\s*$/;

function numberOf(text: string): number | undefined {
  return NUMBER.test(text) ? Number(text.replace(',', '.')) : undefined;
}

/** Texts to a piece, checked by the contract's own schema; every refusal names its field and what is accepted. */
export function pieceFormSchema(unit: LengthUnit) {
  const lengthHint =
    unit === 'in'
      ? 'must be a length such as 1.18, 1.18 in or 30 mm'
      : 'must be a length such as 30, 30.1 mm or 1.18 in';
  return textsSchema.transform((texts, context): CoinStockInput => {
    const unread = new Set<string>();
    const read = <T>(
      field: keyof PieceTexts,
      parse: (text: string) => T | undefined,
      message: string,
    ): T | undefined => {
      const text = texts[field].trim();
      const value = text === '' ? undefined : parse(text);
      if (text !== '' && value === undefined) {
        unread.add(field);
        context.addIssue({ code: 'custom', path: [field], message });
      }
      return value;
    };
    const length = (field: keyof PieceTexts) => read(field, (text) => parseLengthMm(text, unit), lengthHint);
    const number = (field: keyof PieceTexts, message: string) => read(field, numberOf, message);
    const piece = stockInputSchema.safeParse({
      kind: 'coin',
      ...texts,
      year: number('year', 'must be a year such as 1957') ?? null,
      diameterMm: length('diameterMm'),
      rimThicknessMm: length('rimThicknessMm'),
      massG: number('massG', 'must be a mass in grams such as 12.5'),
      price: number('price', 'must be a sum such as 18.50') ?? null,
      quantity: number('quantity', 'must be a whole number of pieces'),
    });
    if (piece.success && piece.data.kind === 'coin') return piece.data;
    for (const { path, message } of piece.error?.issues ?? []) {
      if (!unread.has(String(path[0]))) context.addIssue({ code: 'custom', path: [...path], message });
    }
    return z.NEVER;
  });
}

/** The fill check while typing; undefined until diameter, rim and mass can all be read. */
export function liveFill(texts: PieceTexts, unit: LengthUnit): FillCheck | undefined {
  const diameterMm = parseLengthMm(texts.diameterMm, unit);
  const rimThicknessMm = parseLengthMm(texts.rimThicknessMm, unit);
  const massG = numberOf(texts.massG);
  if (!diameterMm || !rimThicknessMm || !massG) return undefined;
  return checkFill({ diameterMm, rimThicknessMm, massG, metal: texts.metal as MetalId });
}
