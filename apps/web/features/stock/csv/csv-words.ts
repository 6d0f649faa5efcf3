import type { CsvImportResult } from '@round-mint/contract/csv';

type Row = CsvImportResult['rows'][number];

/** "2 to add, 1 to change, 30 as they are" – or what was done. */
export function previewWords({ rows, taken, unread }: CsvImportResult): string {
  const count = (action: Row['action']) => rows.filter((row) => row.action === action).length;
  const refused = count('refused');
  const counts = [
    [count('add'), taken ? 'added' : 'to add'],
    [count('change'), taken ? 'changed' : 'to change'],
    [count('same'), 'as they are'],
    [refused, 'refused'],
  ] as const;
  const words = counts.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}`);
  const all = words.length > 0 ? words.join(', ') : 'No rows';
  if (taken) return `Imported: ${all}.`;
  const rest =
    unread === 0
      ? ''
      : ` The ${unread === 1 ? 'row' : `${unread} rows`} after that ${unread === 1 ? 'is' : 'are'} not read.`;
  return refused > 0 ? `${all}.${rest} Nothing is imported until these are put right.` : `${all}.`;
}

export function rowWords({ action, changes, problems }: Row): string {
  if (action === 'refused') return problems.map(({ path, message }) => `${path} ${message}`).join('; ');
  if (action === 'add') return 'is new';
  return changes.map(({ column, from, to }) => `${column}: ${from || '–'} → ${to || '–'}`).join('; ');
}
