/** A number with what it measures: how it is written is the reader's choice of units and systems. */
export type Quantity =
  | { readonly kind: 'length'; readonly mm: number; readonly decimals?: number }
  | { readonly kind: 'size'; readonly mm: number }
  | { readonly kind: 'mass'; readonly g: number }
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'angle'; readonly deg: number }
  | { readonly kind: 'sizes'; readonly us: number }
  | { readonly kind: 'count'; readonly count: number; readonly of: string }
  | { readonly kind: 'words'; readonly words: string };

/** A number of a plan with its reason: what it is, from what it follows, and where the rule comes from. */
export interface WorkFigure {
  readonly key: string;
  readonly label: string;
  readonly value: Quantity;
  readonly words: string;
  readonly inputs: readonly (readonly [name: string, value: Quantity])[];
  readonly source: string;
}

export const length = (mm: number, decimals?: number): Quantity =>
  decimals === undefined ? { kind: 'length', mm } : { kind: 'length', mm, decimals };
export const size = (mm: number): Quantity => ({ kind: 'size', mm });
export const mass = (g: number): Quantity => ({ kind: 'mass', g });
export const share = (value: number): Quantity => ({ kind: 'share', share: value });
export const count = (value: number, of: string): Quantity => ({ kind: 'count', count: value, of });
export const words = (text: string): Quantity => ({ kind: 'words', words: text });

/** What is said of a number: its name, how it follows, and where the rule comes from. */
type FigureSaid = Pick<WorkFigure, 'label' | 'words' | 'source'>;

/**
 * Makes figures in the words of a table. A key of two words, "length of half-round", is the figure of its first word, said
 * otherwise.
 */
export function figuresBy<Key extends string>(table: Readonly<Record<Key, FigureSaid>>) {
  return (said: Key, value: Quantity, inputs: WorkFigure['inputs'], before?: string): WorkFigure => {
    const { label, words: after, source } = table[said];
    const text = before === undefined ? after : `${before} ${after}`;
    return { key: said.split(' ')[0] ?? said, label, value, words: text, inputs, source };
  };
}
