import { workSchema } from '@round-mint/contract/works';
import type { Settings } from '@round-mint/contract/settings';
import type { StockItem } from '@round-mint/contract/stock';
import { parseLengthMm, parseMixedNumber, type LengthUnit } from '@round-mint/core/format';
import type { Kit } from '@round-mint/core/kit';
import type { BenchTraits } from '@round-mint/core/steps';
import { MM_PER_US_SIZE, parseSize, wideBandAllowance, type WideBandAllowance } from '@round-mint/core/size';
import {
  planWork,
  STOCK_FOR,
  type StripOffer,
  stripOffers,
  type Work,
  type WorkBench,
  type WorkKind,
  type OtherPart,
  type WorkPlan,
} from '@round-mint/core/work';
import { permitsOf } from '@/features/shared/words/piece-words';
import { problemsOf } from '@/store/problem';
import { chosenStrip, type StripStock } from './other-strip';
import { WORK_FIELDS, type WorkField, type WorkTexts } from './work-fields';
import type { WorkDraft } from './works-slice';

/** Everything the planner of a kind shows, from what was chosen. */
export interface WorkModel {
  readonly kind: WorkKind;
  readonly draft: WorkDraft;
  /** As typed, with the strip that is taken until one is chosen. */
  readonly texts: WorkTexts;
  /** Pieces of the kind it begins with. */
  readonly pieces: readonly StockItem[];
  /** What each of them makes of the band that is asked for, by its id; of strip only. */
  readonly offers: ReadonlyMap<string, StripOffer>;
  readonly piece: StockItem | undefined;
  /** Every strip of the drawer: what another part may be cut from; and the one that was chosen. */
  readonly strips: readonly StripStock[];
  readonly other: (OtherPart & { readonly piece: StripStock }) | undefined;
  /** Undefined when the size was not understood. */
  readonly targetMm: number | undefined;
  readonly sizeProblem: string | undefined;
  /** What is wrong with a field, by its key. */
  readonly problems: Readonly<Record<string, string>>;
  readonly work: Work | undefined;
  readonly plan: WorkPlan | undefined;
  /** A proposal that was not yet taken. */
  readonly allowance: WideBandAllowance | undefined;
}

type Read = { readonly value: unknown } | { readonly problem: string };

function readField(field: WorkField, text: string, unit: LengthUnit, settings: Settings): Read {
  const trimmed = text.trim();
  if (trimmed === '' && 'optional' in field && field.optional) return { value: undefined };
  switch (field.what) {
    case 'length': {
      const mm = parseLengthMm(trimmed, unit);
      return mm === undefined ? { problem: 'must be a length such as 8 or 0.3 in' } : { value: mm };
    }
    case 'number': {
      const value = parseMixedNumber(trimmed);
      return value === undefined ? { problem: 'must be a number such as 2 or 1½' } : { value };
    }
    case 'size': {
      const size = parseSize(trimmed, settings.primarySystem);
      return size.ok ? { value: size.insideDiameterMm } : { problem: size.message };
    }
    case 'truth':
      return { value: trimmed === 'yes' };
    default:
      // A choice that is left open is nothing.
      return { value: trimmed === '' ? undefined : trimmed };
  }
}

/** What a part has from the strip that it is cut from. */
function fieldsOfOther(kind: WorkKind, { thicknessMm, metal }: StripStock) {
  return kind === 'spinner'
    ? { outerThicknessMm: thicknessMm, outerMetal: metal }
    : { stripThicknessMm: thicknessMm, stripMetal: metal };
}

/** Texts as the choices of a kind, checked by the contract; problems by field. */
function readWork(
  kind: WorkKind,
  texts: WorkTexts,
  settings: Settings,
  other: StripStock | undefined,
): { readonly work?: Work; readonly problems: Readonly<Record<string, string>> } {
  const shown = WORK_FIELDS[kind].filter(({ when }) => when?.(texts) ?? true);
  const read = shown.map(
    (field) => [field.key, readField(field, texts[field.key] ?? '', settings.lengthUnit, settings)] as const,
  );
  const problems = Object.fromEntries(
    read.flatMap(([key, one]) => ('problem' in one ? [[key, one.problem] as const] : [])),
  );
  if (Object.keys(problems).length > 0) return { problems };
  const values = Object.fromEntries(
    read.flatMap(([key, one]) =>
      'value' in one && one.value !== undefined ? [[key, one.value] as const] : [],
    ),
  );
  const parsed = workSchema.safeParse({ kind, ...values, ...(other ? fieldsOfOther(kind, other) : {}) });
  if (parsed.success) return { work: parsed.data, problems: {} };
  return {
    problems: problemsOf(parsed.error),
  };
}

/** Bands that close round a finger; an open ring gives, and a resized one has its wearer’s size. */
const CLOSED: readonly WorkKind[] = ['handle', 'strip', 'spinner'];

function allowanceFor(
  kind: WorkKind,
  { feasible, prediction }: WorkPlan,
  { allowanceUs }: WorkDraft,
  settings: Settings,
): WideBandAllowance | undefined {
  if (!settings.wideBandAllowance || !feasible || allowanceUs > 0 || !CLOSED.includes(kind)) return undefined;
  const proposed = wideBandAllowance(prediction.axialHeightMm, false);
  return proposed.usSizes > 0 ? proposed : undefined;
}

const NO_OFFERS: WorkModel['offers'] = new Map();

/** Strip by how little is to be done to it for the band that is asked for; other pieces as they are in stock. */
function offersOf(
  pieces: readonly StockItem[],
  work: Work | undefined,
  targetInsideDiameterMm: number,
  { finish }: WorkDraft,
  bench: WorkBench,
): Pick<WorkModel, 'pieces' | 'offers'> {
  if (work?.kind !== 'strip') return { pieces, offers: NO_OFFERS };
  const strips = pieces.filter((piece) => piece.kind === 'strip');
  const offers = stripOffers({ work, targetInsideDiameterMm, finish }, strips, bench);
  return {
    pieces: offers.map(({ piece }) => piece),
    offers: new Map(offers.map((offer) => [offer.piece.id, offer])),
  };
}

export function workModel(
  kind: WorkKind,
  draft: WorkDraft,
  stock: readonly StockItem[],
  kit: Kit,
  settings: Settings,
  traits: BenchTraits,
): WorkModel {
  const inDrawer = stock.filter((one) => one.kind === STOCK_FOR[kind]);
  const piece = inDrawer.find(({ id }) => id === draft.stockId);
  const bench = { kit, traits, system: settings.primarySystem };
  const size = parseSize(draft.sizeText, settings.primarySystem);
  const strips = stock.filter((one) => one.kind === 'strip');
  const otherPiece = chosenStrip(kind, draft.texts, strips, piece);
  const texts =
    'otherStockId' in draft.texts ? { ...draft.texts, otherStockId: otherPiece?.id ?? '' } : draft.texts;
  const other = otherPiece && { piece: otherPiece, isSame: otherPiece.id === piece?.id };
  const { work, problems } = readWork(kind, texts, settings, otherPiece);
  const nothing = {
    kind,
    strips,
    other,
    texts,
    draft,
    pieces: inDrawer,
    offers: NO_OFFERS,
    piece,
    problems,
    work,
    allowance: undefined,
  };
  if (!size.ok) return { ...nothing, targetMm: undefined, sizeProblem: size.message, plan: undefined };
  const targetMm = size.insideDiameterMm + draft.allowanceUs * MM_PER_US_SIZE;
  const known = {
    ...nothing,
    ...offersOf(inDrawer, work, targetMm, draft, bench),
    targetMm,
    sizeProblem: undefined,
  };
  if (!piece || !work) return { ...known, plan: undefined };
  const wish = { work, piece, targetInsideDiameterMm: targetMm, finish: draft.finish, other };
  try {
    const plan = planWork(wish, bench, permitsOf(piece));
    return { ...known, plan, allowance: allowanceFor(kind, plan, draft, settings) };
  } catch (error) {
    // Measures that cannot be: the one that is chosen here is the strip's.
    if (!(error instanceof RangeError)) throw error;
    return { ...known, problems: { ...problems, stripWidthMm: error.message }, plan: undefined };
  }
}
