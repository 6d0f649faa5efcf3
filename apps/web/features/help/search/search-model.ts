import type { LogEntry } from '@round-mint/contract/log';
import type { OrderInList } from '@round-mint/contract/orders';
import type { PersonInList } from '@round-mint/contract/people';
import type { RingWithEvents } from '@round-mint/contract/rings';
import type { StockItem } from '@round-mint/contract/stock';
import type { StoredTool } from '@round-mint/contract/kit';
import { metalById } from '@round-mint/core/metal';
import { remedyFor } from '@round-mint/core/remedy';
import { SYMPTOMS } from '@round-mint/core/ring';
import { STATE_NAMES } from '@round-mint/core/trade';
import { GLOSSARY, type GlossaryEntry } from '@/features/shared/handbook/glossary';
import { TROUBLES } from '@/features/shared/handbook/sections';
import { toolLine } from '@/features/shared/kit/kit-words';
import { hasWords, wordsOf } from '@/features/shared/screen/use-searched-pages';
import type { Writers } from '@/features/shared/settings/use-settings';
import { dayAndYear } from '@/features/shared/words/dates';
import { kindWords, measureWords, searchText } from '@/features/shared/words/piece-words';
import { findSections, sectionFound, type Found } from '@/features/help/handbook/handbook-model';

export interface FoundGroup {
  readonly title: string;
  /** Of the handbook, not of the workshop. */
  readonly isHelp?: boolean;
  readonly found: readonly Found[];
}

/** A list of the workshop: as far as it has been fetched, or what the server found in it. */
export interface Holding<T> {
  readonly items: readonly T[];
  readonly isFound: boolean;
}

export interface Holdings {
  readonly pieces: Holding<StockItem>;
  readonly tools: Holding<StoredTool>;
  readonly people: Holding<PersonInList>;
  readonly orders: Holding<OrderInList>;
  readonly rings: Holding<RingWithEvents>;
  readonly log: Holding<LogEntry>;
}

type Write = Pick<Writers, 'size' | 'length'>;

const pieceFound =
  ({ length }: Write) =>
  (piece: StockItem): Found => ({
    key: piece.id,
    title: piece.name,
    note: `${kindWords(piece)} · ${metalById(piece.metal).name} · ${measureWords(piece, length)}`,
    href: { pathname: '/stock/[id]', params: { id: piece.id } },
  });

const orderFound =
  ({ size }: Write) =>
  ({ id, name, personName, state, insideDiameterMm }: OrderInList): Found => ({
    key: id,
    title: name,
    note: `${personName} · ${size(insideDiameterMm)} · ${STATE_NAMES[state]}`,
    href: { pathname: '/orders/[id]', params: { id } },
  });

const personFound = ({ id, name, email }: PersonInList): Found => ({
  key: id,
  title: name,
  note: email,
  href: { pathname: '/orders/people', params: { person: id } },
});

const ringFound = ({ id, name }: RingWithEvents): Found => ({
  key: id,
  title: name,
  note: 'on the bench',
  href: { pathname: '/bench/[id]', params: { id } },
});

const logFound =
  ({ size }: Write) =>
  ({ ringId, name, stockName, finishedAt, predictedInsideDiameterMm }: LogEntry): Found => ({
    key: ringId,
    title: name,
    note: `${stockName} · ${size(predictedInsideDiameterMm)} · finished ${dayAndYear(finishedAt)}`,
    href: { pathname: '/log/[id]', params: { id: ringId } },
  });

const toolFound =
  ({ length }: Write) =>
  (tool: StoredTool): Found => ({
    key: tool.id,
    title: tool.name,
    note: toolLine(tool, length),
    href: { pathname: '/stock/kit', params: { tool: tool.id } },
  });

const wordFound = ({ words, meaning }: GlossaryEntry): Found => ({
  key: words.join(),
  title: words.join(', '),
  note: meaning,
  href: { pathname: '/help/words', params: { word: words[0] ?? '' } },
});

/** Troubles that have the words in their name or in what is said of them. */
function troublesWith(words: readonly string[]): readonly Found[] {
  return SYMPTOMS.flatMap((symptom) => {
    const { title, causes, now, nextTime } = remedyFor(symptom);
    if (!hasWords([title, ...causes, ...now, ...nextTime].join(' '), words)) return [];
    const [first = ''] = now;
    const params = { section: TROUBLES, trouble: symptom };
    return [{ key: symptom, title, note: first, href: { pathname: '/help/[section]', params } }];
  });
}

/**
 * Everything that has all the words of a search, by what it is; groups without anything are left out.
 * @param search as it was typed; nothing is found by an empty one
 */
export function findEverywhere(search: string, holdings: Holdings, write: Write): readonly FoundGroup[] {
  const words = wordsOf(search);
  if (words.length === 0) return [];
  const has = (text: string) => hasWords(text, words);
  function within<T>({ items, isFound }: Holding<T>, textOf: (item: T) => string): readonly T[] {
    return isFound ? items : items.filter((item) => has(textOf(item)));
  }
  const { rings, orders, people, pieces, tools, log } = holdings;
  const groups: readonly FoundGroup[] = [
    { title: 'Rings on the bench', found: within(rings, ({ name }) => name).map(ringFound) },
    {
      title: 'Orders',
      found: within(orders, ({ name, personName }) => `${name} ${personName}`).map(orderFound(write)),
    },
    {
      title: 'People',
      found: within(people, ({ name, email, notes }) => `${name} ${email} ${notes}`).map(personFound),
    },
    { title: 'Stock', found: within(pieces, searchText).map(pieceFound(write)) },
    {
      title: 'Tools',
      found: within(tools, (tool) => `${tool.name} ${toolLine(tool, write.length)}`).map(toolFound(write)),
    },
    {
      title: 'Finished rings',
      found: within(log, ({ name, stockName }) => `${name} ${stockName}`).map(logFound(write)),
    },
    { title: 'When something goes wrong', isHelp: true, found: troublesWith(words) },
    { title: 'Handbook', isHelp: true, found: findSections(search).map(sectionFound) },
    {
      title: 'Words',
      isHelp: true,
      found: GLOSSARY.filter((entry) => has(entry.words.join(' '))).map(wordFound),
    },
  ];
  return groups.filter(({ found }) => found.length > 0);
}
