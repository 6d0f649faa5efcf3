/** A value of any kind, short enough to be compared with another. */
export function valueWords(value: unknown): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' || typeof value === 'string') return String(value);
  if (Array.isArray(value)) return value.length === 0 ? 'nothing' : value.map(valueWords).join('; ');
  return Object.values(value)
    .filter((part) => part !== null && part !== '')
    .map(valueWords)
    .join(', ');
}
