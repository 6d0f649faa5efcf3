import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { entryOf } from './glossary';
import { HandbookLink } from './HandbookLink';

/** What a special word means. Nothing is shown without one. */
export function MeaningSheet({ word, onClose }: { word: string | undefined; onClose: () => void }) {
  const entry = word === undefined ? undefined : entryOf(word);
  if (!entry) return null;
  const { words, unit, meaning } = entry;
  return (
    <Sheet title={words.join(', ')} open onClose={onClose}>
      <Type>{`${meaning.charAt(0).toUpperCase()}${meaning.slice(1)}.`}</Type>
      {unit ? <Type as="small">{`Written in ${unit}.`}</Type> : null}
      <HandbookLink section="words" about="all words" />
    </Sheet>
  );
}
