import { capital } from '@round-mint/core/format';
import type { MapCell, OpeningTool, SizeMap } from '@round-mint/core/search';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { Writers } from '@/features/shared/settings/use-settings';

/** What a cell is, beside its width: said by a mark and a word, not by colour alone. */
export type CellKind = 'makes' | 'thin' | 'stepped' | 'tool' | 'not';

export function kindOf({ bandWidthMm, missingTools, method, thinEdge }: MapCell): CellKind {
  if (bandWidthMm === undefined) return 'not';
  if (missingTools.length > 0) return 'tool';
  if (thinEdge) return 'thin';
  return method === 'stepped' ? 'stepped' : 'makes';
}

export const CELL_WORDS: Readonly<Record<CellKind, { readonly mark: string; readonly words: string }>> = {
  makes: { mark: '', words: 'folds and reduces' },
  thin: { mark: '‹', words: 'cut edge under 0.9 mm' },
  stepped: { mark: '↓', words: 'stepped reduction under tape' },
  tool: { mark: '+', words: 'a tool is missing' },
  not: { mark: '–', words: 'cannot be made' },
};

/** A hole that cuts what must stay on the piece. */
export const SPOILT = { mark: '✕', words: 'the hole cuts what must stay' } as const;

/** How strongly a cell is tinted, 0 to 1: the wider the band, the stronger. */
export function tintOf({ cells }: SizeMap): (cell: MapCell) => number {
  const widths = cells.flatMap((row) => row.flatMap(({ bandWidthMm }) => bandWidthMm ?? []));
  const [least, most] = [Math.min(...widths), Math.max(...widths)];
  return ({ bandWidthMm }) =>
    bandWidthMm === undefined ? 0 : 0.12 + (0.5 * (bandWidthMm - least)) / Math.max(0.1, most - least);
}

/** "A stretcher that reaches 25.0 mm would open US 13½ to US 15." */
export function openingWords(
  { tool, sizesMm }: OpeningTool,
  write: Pick<Writers, 'size' | 'amount'>,
): string {
  const [first, last] = [sizesMm[0] ?? 0, sizesMm.at(-1) ?? 0];
  const name = capital(tool.words);
  const span = last - first;
  const sizes =
    span < MM_PER_US_SIZE / 4
      ? write.size(first)
      : `${write.size(first)} to ${write.size(last)}, ${write.amount(span)}`;
  return `${name} would open ${sizes}.`;
}
