import type { CoinStock, CoinStockInput } from '@round-mint/contract/stock';
import { startedFromSchema } from '@round-mint/contract/rings';
import { parseDecimal, parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import type { PartlyKnownCoin, StartedFrom, StartedStage } from '@round-mint/core/half-made';
import { parseSize, type SizeSystemId } from '@round-mint/core/size';
import type { Coin } from '@round-mint/core/stock';
import type { HalfMadeDraft } from './half-made-slice';

/** What each stage looks like, in a word. */
export const STAGE_WORDS: readonly { readonly value: StartedStage; readonly label: string }[] = [
  { value: 'punched', label: 'punched' },
  { value: 'folded', label: 'folded' },
  { value: 'straight', label: 'straight' },
  { value: 'rounded', label: 'rounded' },
  { value: 'band', label: 'finished' },
];

export type Problems = Partial<Record<keyof HalfMadeDraft, string>>;

/** What was typed, understood; where something is not, what is accepted. */
export interface ReadDraft {
  /** Undefined while a reading is missing or not understood. */
  readonly started: StartedFrom | undefined;
  readonly coin: PartlyKnownCoin;
  /** The hole that was typed; undefined where none was. */
  readonly holeMm: number | undefined;
  readonly problems: Problems;
}

interface Reading {
  readonly unit: LengthUnit;
  readonly system: SizeSystemId;
  /** The piece of the drawer that is planned with. */
  readonly piece: CoinStock | undefined;
}

const LENGTH_HINT = 'must be a length such as 9.2 or 0.36 in';
const ANGLE_HINT = 'must be degrees from the axis, 1 to 80, such as 17';

/** Reads the draft; nothing that was typed is lost. */
export function readDraft(draft: HalfMadeDraft, { unit, system, piece }: Reading): ReadDraft {
  const problems: Problems = {};
  const length = (field: keyof HalfMadeDraft, text: string): number | undefined => {
    if (text.trim() === '') return undefined;
    const mm = parseLengthMm(text, unit);
    if (mm === undefined) problems[field] = LENGTH_HINT;
    return mm;
  };
  const size = (field: 'rimText' | 'cutText'): number | undefined => {
    const text = draft[field];
    if (text.trim() === '') return undefined;
    const parsed = parseSize(text, system);
    if (!parsed.ok) problems[field] = parsed.message;
    return parsed.ok ? parsed.insideDiameterMm : undefined;
  };
  const holeMm = length('holeText', draft.holeText);
  const punched = draft.stage === 'punched';
  const rimDownMm = punched ? holeMm : size('rimText');
  const cutDownMm = punched ? holeMm : size('cutText');
  const told = startedFromSchema.safeParse({
    stage: draft.stage,
    rimDownMm,
    cutDownMm,
    heightMm: length('heightText', draft.heightText),
    thicknessRimMm: length('thicknessRimText', draft.thicknessRimText),
    thicknessCutMm: length('thicknessCutText', draft.thicknessCutText),
    leanDeg: draft.leanText.trim() === '' ? undefined : parseDecimal(draft.leanText),
  });
  const fieldOf: Readonly<Record<string, keyof HalfMadeDraft>> = {
    rimDownMm: punched ? 'holeText' : 'rimText',
    cutDownMm: punched ? 'holeText' : 'cutText',
    heightMm: 'heightText',
    thicknessRimMm: 'thicknessRimText',
    thicknessCutMm: 'thicknessCutText',
    leanDeg: 'leanText',
  };
  for (const { path, message } of told.error?.issues ?? []) {
    const field = fieldOf[String(path[0])];
    // What is empty is only missing.
    if (field && draft[field] !== '') problems[field] ??= field === 'leanText' ? ANGLE_HINT : message;
  }
  const ofDrawer = draft.ofDrawer && piece !== undefined;
  const coin: PartlyKnownCoin = ofDrawer
    ? piece
    : {
        metal: draft.metal,
        diameterMm: length('diameterText', draft.diameterText),
        rimThicknessMm: length('rimThicknessText', draft.rimThicknessText),
      };
  const fine = Object.keys(problems).length === 0;
  // A hole that was typed for another coin is not this one's.
  const own = punched || !ofDrawer;
  return {
    started: told.success && fine ? told.data : undefined,
    coin,
    holeMm: own ? holeMm : undefined,
    problems,
  };
}

/** A half-made piece that was not in the drawer, as it is entered there to be begun. */
export function boughtPiece(coin: Coin, name: string): Omit<CoinStockInput, 'id'> {
  const { diameterMm, rimThicknessMm, massG, metal } = coin;
  const tenth = (mm: number) => Math.round(mm * 10) / 10;
  return {
    kind: 'coin',
    name,
    issuer: '',
    year: null,
    metal,
    diameterMm: tenth(diameterMm),
    ...(rimThicknessMm === undefined ? {} : { rimThicknessMm }),
    ...(massG === undefined ? {} : { massG }),
    form: 'round',
    edge: 'plain',
    outsideFace: 'either',
    grade: '',
    origin: 'Came half-made',
    price: null,
    legalNote: '',
    notes: '',
    quantity: 1,
  };
}
