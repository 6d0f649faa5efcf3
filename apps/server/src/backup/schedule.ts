import type { Backups } from './backups';

/** A start is busy enough: the first look comes a minute later. */
const FIRST_AFTER_MS = 60_000;
/** The day's backup is looked for this often: a machine that was asleep makes it when it wakes. */
const EVERY_MS = 30 * 60_000;

/**
 * Looks over the data once, then makes a backup each day. What fails is told where backups are listed.
 * @param onNews called when something may have become known
 * @returns how to stop
 */
export function startBackups(backups: Backups, onNews: () => void): () => void {
  const makeIfDue = () => {
    backups
      .makeIfDue()
      .catch((error: unknown) => console.error(error))
      .finally(onNews);
  };
  const first = setTimeout(() => {
    backups
      .check()
      .then(() => {
        const damage = backups.damage();
        if (damage !== null)
          console.error(`The workshop's data are damaged. ${damage} See Settings, Backups.`);
        onNews();
        makeIfDue();
      })
      .catch((error: unknown) => console.error(error));
  }, FIRST_AFTER_MS);
  const each = setInterval(makeIfDue, EVERY_MS);
  return () => {
    clearTimeout(first);
    clearInterval(each);
  };
}
