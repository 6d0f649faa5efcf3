/** What is told by code: each is made from the figures that go with its code. */
type Telling<Told> = Readonly<Record<string, (...figures: never[]) => Told>>;

/** Sentences by code. */
export type Sentences = Telling<string>;

/**
 * Tells a code with its figures in the words of a table. The table stands apart from what finds the codes: another
 * language is another table.
 */
export function tellBy<Told, Table extends Telling<Told>>(table: Table & Telling<Told>) {
  return <Code extends keyof Table & string>(code: Code, ...figures: Parameters<Table[Code]>): Told => {
    // Of all the table's functions this is the one that takes just these figures.
    const tell = table[code] as (...told: Parameters<Table[Code]>) => Told;
    return tell(...figures);
  };
}

/** The same, with the code that was said. */
export function saidBy<Table extends Sentences>(table: Table) {
  const tell = tellBy<string, Table>(table);
  return <Code extends keyof Table & string>(
    code: Code,
    ...figures: Parameters<Table[Code]>
  ): { readonly code: Code; readonly message: string } => ({ code, message: tell(code, ...figures) });
}
