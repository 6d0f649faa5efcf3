import page from '@docs/glossary.md';
import { plainText, type HandbookPage } from '@/markdown/page';

/** A word of the trade, or of this program, and what it means. */
export interface GlossaryEntry {
  /** The word and others for the same: "curl", "turning in". */
  readonly words: readonly string[];
  readonly unit: string;
  readonly meaning: string;
}

/** The words of docs/glossary.md, in the order of the alphabet. */
function glossaryOf(page: HandbookPage): readonly GlossaryEntry[] {
  const table = page.intro.find((block) => block.kind === 'table');
  return (table?.rows ?? [])
    .map((row): GlossaryEntry => {
      const [words = '', unit = '', meaning = ''] = row.map(plainText);
      return { words: words.split(', '), unit, meaning };
    })
    .sort((a, b) => a.words.join().localeCompare(b.words.join()));
}

export const GLOSSARY = glossaryOf(page);

/** The line of a word, in whatever letters it is written. */
export function entryOf(word: string): GlossaryEntry | undefined {
  const wanted = word.toLowerCase();
  return GLOSSARY.find(({ words }) => words.some((one) => one.toLowerCase() === wanted));
}
