import type { StockItem } from '@round-mint/contract/stock';
import { hasDraft, keepDraft, readDraft } from '@/store/drafts';
import { NEW_PIECE, type PieceTexts } from './piece-form';
import { COMMON_KEYS, newPieceTexts, type WorkPieceKind, type WorkPieceTexts } from './work-piece-form';

/** What a new piece is kept under while it is typed. */
export function newPieceDraft(kind: StockItem['kind']): string {
  return kind === 'coin' ? 'piece/new' : `piece/new-${kind}`;
}

type Common = Readonly<Partial<Record<(typeof COMMON_KEYS)[number], string>>>;

interface Kept<T> {
  readonly texts: T;
  readonly base: null;
}

function keptCoin(): Kept<PieceTexts> {
  return readDraft(newPieceDraft('coin'), { texts: NEW_PIECE, base: null });
}

function keptWork(kind: WorkPieceKind): Kept<WorkPieceTexts> {
  return readDraft(newPieceDraft(kind), { texts: newPieceTexts(kind), base: null });
}

/** What was typed of what every kind is told by. */
function typedOf(kind: StockItem['kind']): Common {
  const [typed, start]: readonly [Common, Common] =
    kind === 'coin'
      ? [keptCoin().texts, NEW_PIECE]
      : [keptWork(kind).texts.values, newPieceTexts(kind).values];
  return Object.fromEntries(
    COMMON_KEYS.flatMap((key) => (typed[key] === start[key] ? [] : [[key, typed[key]]])),
  );
}

/** Takes along what was typed of a new piece when it turns out to be of another kind: its name, metal, price, notes. */
export function carryOver(from: StockItem['kind'], to: StockItem['kind']): void {
  if (from === to || !hasDraft(newPieceDraft(from))) return;
  const typed = typedOf(from);
  if (to === 'coin') {
    const { texts, base } = keptCoin();
    keepDraft(newPieceDraft(to), { texts: { ...texts, ...typed }, base });
  } else {
    const { texts, base } = keptWork(to);
    keepDraft(newPieceDraft(to), { texts: { ...texts, values: { ...texts.values, ...typed } }, base });
  }
}
