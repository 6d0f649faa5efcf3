/** A picture on paper, and what is written below it. */
export interface PaperPicture {
  readonly jpeg: Uint8Array;
  readonly caption: string;
}

/** A page of words, figures and pictures, before it is laid out. */
export type PaperBlock =
  | { readonly kind: 'title' | 'heading' | 'text' | 'small'; readonly text: string }
  | { readonly kind: 'line'; readonly label: string; readonly value: string; readonly strong?: boolean }
  /** Something to be done, with a box to tick and what to mind below it. */
  | {
      readonly kind: 'task';
      readonly label: string;
      readonly value: string;
      readonly notes: readonly string[];
    }
  | { readonly kind: 'pictures'; readonly pictures: readonly PaperPicture[] }
  /** @property keepMm room that what follows needs on one page */
  | { readonly kind: 'gap'; readonly keepMm?: number };

export interface Paper {
  readonly title: string;
  readonly blocks: readonly PaperBlock[];
}
