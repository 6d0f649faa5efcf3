import page from '@docs/craft.md';
import type { Href } from 'expo-router';
import { wordsOfBlock, type Section } from '@/markdown/page';
import { hasWords, wordsOf } from '@/features/shared/screen/use-searched-pages';

/** A chapter of the handbook with its parts, the first of which is the chapter's own text. */
export interface Chapter {
  readonly id: string;
  readonly title: string;
  readonly sections: readonly Section[];
}

export const INTRO = page.intro;

/** The chapters in reading order; a chapter's words before its first part may be none. */
export const CHAPTERS: readonly Chapter[] = page.sections
  // The first tells where the words stand, which have a page of their own here.
  .filter(({ id, chapter }) => id === chapter && id !== '0')
  .map(({ id, title }) => ({
    id,
    title,
    sections: page.sections.filter(({ chapter }) => chapter === id),
  }));

/** The chapter that a section's id leads to, and those before and after it. */
export function chapterAt(sectionId: string) {
  const at = CHAPTERS.findIndex(({ sections }) => sections.some(({ id }) => id === sectionId));
  return at < 0 ? undefined : { chapter: CHAPTERS[at]!, before: CHAPTERS[at - 1], after: CHAPTERS[at + 1] };
}

export interface Hit {
  readonly id: string;
  readonly title: string;
  /** The chapter's title, where the hit is a part of it. */
  readonly within: string | undefined;
  /** The words that it was found by, with some before and after them. */
  readonly excerpt: string;
}

/** How much of a text stands round the words that were looked for, characters. */
const BEFORE = 30;
const EXCERPT = 120;

function excerptOf(text: string, words: readonly string[]): string {
  const lower = text.toLowerCase();
  const first = Math.min(...words.map((word) => lower.indexOf(word)).filter((at) => at >= 0), text.length);
  const from = first <= BEFORE || first === text.length ? 0 : text.lastIndexOf(' ', first - BEFORE) + 1;
  const cut = text.slice(from, from + EXCERPT);
  const end = from + EXCERPT < text.length ? `${cut.slice(0, cut.lastIndexOf(' '))} …` : cut;
  return `${from > 0 ? '… ' : ''}${end}`;
}

/** The sections that have every word that is looked for; those that have one in their title go first. */
export function findSections(search: string): readonly Hit[] {
  const words = wordsOf(search);
  if (words.length === 0) return [];
  return CHAPTERS.flatMap((chapter) =>
    chapter.sections.map((section) => {
      const text = section.blocks.map(wordsOfBlock).join(' ');
      return { chapter, section, text };
    }),
  )
    .filter(({ section, text }) => hasWords(`${section.title} ${text}`, words))
    .map(({ chapter, section: { id, title }, text }) => ({
      id,
      title,
      within: id === chapter.id ? undefined : chapter.title,
      excerpt: excerptOf(text, words),
      isNamed: words.some((word) => title.toLowerCase().includes(word)),
    }))
    .sort((a, b) => Number(b.isNamed) - Number(a.isNamed))
    .map(({ isNamed: _isNamed, ...hit }) => hit);
}

/** Something that was found, and where it stands. */
export interface Found {
  readonly key: string;
  readonly title: string;
  readonly note: string;
  readonly href: Href;
}

/** A section as a row of what was found. */
export function sectionFound({ id, title, within, excerpt }: Hit): Found {
  return {
    key: id,
    title: within ? `${title} · ${within}` : title,
    note: excerpt,
    href: { pathname: '/help/[section]', params: { section: id } },
  };
}
