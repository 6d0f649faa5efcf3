import type { ArchivePart, PartCounts } from '@round-mint/contract/archive-zip';
import type { Backup, BackupKind, PartChanges } from '@round-mint/contract/backups';
import { momentWords, wallMinutes } from '@/features/shared/words/wall-clock';

/** What a table holds, one and several of it. */
const PART_WORDS: Readonly<Record<ArchivePart, readonly [string, string]>> = {
  rings: ['ring', 'rings'],
  stock: ['piece of stock', 'pieces of stock'],
  orders: ['order', 'orders'],
  people: ['person', 'people'],
  photos: ['photo', 'photos'],
  faces: ['picture of a face', 'pictures of faces'],
  kit: ['tool', 'tools'],
  plans: ['plan', 'plans'],
  events: ['bench event', 'bench events'],
  orderEvents: ['order event', 'order events'],
  stockCounts: ['count of stock', 'counts of stock'],
  dieCharts: ['die chart', 'die charts'],
  recipes: ['recipe', 'recipes'],
  shelf: ['ring on the shelf', 'rings on the shelf'],
  discounts: ['discount', 'discounts'],
  sizers: ['sizer', 'sizers'],
  scrap: ['thing in the scrap tin', 'things in the scrap tin'],
  consumables: ['supply', 'supplies'],
  messages: ['letter', 'letters'],
  settings: ['set of settings', 'sets of settings'],
  dayPlan: ['day plan', 'day plans'],
};
const PARTS = Object.keys(PART_WORDS) as readonly ArchivePart[];

/** What a row of the list tells of a backup: the rest is in the file. */
const SHOWN: readonly ArchivePart[] = ['rings', 'stock', 'orders', 'photos'];

function amount(n: number, part: ArchivePart): string {
  return `${n} ${PART_WORDS[part][n === 1 ? 0 : 1]}`;
}

/** "24 rings, 61 pieces of stock, 12 orders, 8 photos" */
export function countsWords(counts: PartCounts): string {
  const held = SHOWN.filter((part) => (counts[part] ?? 0) > 0);
  return held.length === 0 ? 'nothing yet' : held.map((part) => amount(counts[part] ?? 0, part)).join(', ');
}

/** "rings" – for a list of what collides. */
export function partWords(part: ArchivePart, n: number): string {
  return PART_WORDS[part][n === 1 ? 0 : 1];
}

export const KIND_WORDS: Readonly<Record<BackupKind, string>> = {
  daily: 'Daily',
  asked: 'Asked for',
  'before-restore': 'Before a restore',
  'before-upgrade': 'Before an upgrade',
};

/** "Sat 28 Nov, 10:04" */
export function backupMoment(at: string): string {
  return momentWords(wallMinutes(new Date(at)));
}

const KB = 1000;

/** "3.2 MB" */
export function sizeWords(bytes: number): string {
  if (bytes < KB * KB) return `${Math.max(1, Math.round(bytes / KB))} kB`;
  const mb = bytes / (KB * KB);
  return mb < 1000 ? `${mb.toFixed(mb < 10 ? 1 : 0)} MB` : `${(mb / 1000).toFixed(1)} GB`;
}

/** What happens to one table: "rings: 2 come back, 1 is put back to what it was, 3 go". */
export interface ChangeLine {
  readonly part: ArchivePart;
  readonly text: string;
}

/** What a restore changes, a line a table; none where nothing changes. */
export function changeLines(changes: PartChanges): readonly ChangeLine[] {
  return PARTS.flatMap((part) => {
    const { added = 0, changed = 0, removed = 0 } = changes[part] ?? {};
    const words = [
      ...(added > 0 ? [`${amount(added, part)} back`] : []),
      ...(changed > 0 ? [`${amount(changed, part)} as before`] : []),
      ...(removed > 0 ? [`${amount(removed, part)} gone`] : []),
    ];
    return words.length > 0 ? [{ part, text: words.join(', ') }] : [];
  });
}

const DAY_MS = 86_400_000;
/** A last good backup older than this is told in words of warning. */
const WARN_AFTER_DAYS = 3;

/** How the last good backup stands. */
export function standing(
  lastGoodAt: string | null,
  now: Date,
): { readonly level: 'good' | 'warn' | 'note'; readonly title: string } {
  if (lastGoodAt === null)
    return { level: 'note', title: 'No backup yet. The first is made a minute after a start.' };
  const days = (now.getTime() - Date.parse(lastGoodAt)) / DAY_MS;
  const title = `Last good backup: ${backupMoment(lastGoodAt)}`;
  return days > WARN_AFTER_DAYS
    ? { level: 'warn', title: `${title}, ${Math.floor(days)} days ago` }
    : { level: 'good', title };
}

/** The newest backup that can be put back. */
export function newestGood(items: readonly Backup[]): Backup | undefined {
  return items.find(({ restorable, check }) => restorable && check.ok);
}
