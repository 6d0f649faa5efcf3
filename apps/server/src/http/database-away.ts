import { failuresIn } from './failures-in';

/** What PostgreSQL and the system say when a connection cannot be made, or was lost. */
const LOST = /^(ECONNREFUSED|ECONNRESET|ENOTFOUND|EPIPE|ETIMEDOUT|08\d{3}|57P0[123])$/;
const TERMINATED = /Connection terminated|Client has encountered a connection error/;

/** Whether a failure is that of the way to the database, and not of what was asked of it. */
export function isDatabaseAway(error: unknown): boolean {
  return [...failuresIn(error)].some(
    ({ code, message, syscall }) =>
      LOST.test(code) ||
      TERMINATED.test(message) ||
      // A socket of the database's that is not there; another missing file is no missing database.
      (code === 'ENOENT' && syscall === 'connect'),
  );
}
