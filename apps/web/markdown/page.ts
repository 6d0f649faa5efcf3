/** A piece of a sentence. */
export type Inline =
  | { readonly as: 'text' | 'strong' | 'em' | 'code' | 'sup' | 'sub'; readonly text: string }
  | { readonly as: 'section'; readonly text: string; readonly to: string };

export type Sentence = readonly Inline[];

export type Block =
  | { readonly kind: 'paragraph'; readonly text: Sentence }
  | { readonly kind: 'list'; readonly items: readonly Sentence[] }
  | {
      readonly kind: 'table';
      readonly head: readonly Sentence[];
      readonly rows: readonly (readonly Sentence[])[];
    };

export interface Section {
  /** "3" for a chapter, "3-fold" for a part of it. */
  readonly id: string;
  /** The chapter that it belongs to: "3". */
  readonly chapter: string;
  readonly title: string;
  readonly blocks: readonly Block[];
}

/** A page of docs/ as page-of.cjs parses it. */
export interface HandbookPage {
  readonly title: string;
  readonly intro: readonly Block[];
  /** In reading order. */
  readonly sections: readonly Section[];
}

/** A sentence without its marks. */
export function plainText(sentence: Sentence): string {
  return sentence.map(({ text }) => text).join('');
}

/** All words of a block, for a search. */
export function wordsOfBlock(block: Block): string {
  if (block.kind === 'paragraph') return plainText(block.text);
  if (block.kind === 'list') return block.items.map(plainText).join(' ');
  return [block.head, ...block.rows].flat().map(plainText).join(' ');
}
