/** Sentences by code: each is made from the figures that go with its code. */
export type Sentences = Readonly<Record<string, (...figures: never[]) => string>>;

/**
 * Says codes with figures in the words of a table. The table stands apart from what finds the codes: another language is
 * another table.
 */
export function saidBy<Table extends Sentences>(table: Table) {
  return <Code extends keyof Table & string>(
    code: Code,
    ...figures: Parameters<Table[Code]>
  ): { readonly code: Code; readonly message: string } => {
    // Of all the table's functions this is the one that takes just these figures.
    const say = table[code] as (...told: Parameters<Table[Code]>) => string;
    return { code, message: say(...figures) };
  };
}
