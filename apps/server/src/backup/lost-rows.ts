import type { ArchivePart, PartCounts } from '@round-mint/contract/archive-zip';
import type { Backup } from '@round-mint/contract/backups';

/** Nothing but the scrap tin ever loses a row: things are archived, not deleted. */
const MAY_SHRINK: ReadonlySet<ArchivePart> = new Set(['scrap']);

/**
 * What the last backup holds and the workshop does not: a sign that the data were damaged.
 * @returns words for the maker; null where nothing is missing
 */
export function missingSince(backups: readonly Backup[], now: PartCounts): string | null {
  // A workshop that was put back has what its backup had: the one made before does not count.
  const latest = backups.find(({ kind, counts }) => counts !== null && kind !== 'before-restore');
  if (!latest?.counts || backups[0]?.kind === 'before-restore') return null;
  const missing = Object.entries(latest.counts).flatMap(([part, wanted]) => {
    const there = now[part as ArchivePart] ?? 0;
    return !MAY_SHRINK.has(part as ArchivePart) && there < wanted
      ? `${wanted - there} of ${wanted} ${part}`
      : [];
  });
  if (missing.length === 0) return null;
  return `Since the backup of ${latest.at.slice(0, 10)} these are gone: ${missing.join(', ')}.`;
}
