import { z } from 'zod';

/** What PostgreSQL and the system say when a connection cannot be made, or was lost. */
const LOST = /^(ECONNREFUSED|ECONNRESET|ENOTFOUND|ENOENT|EPIPE|ETIMEDOUT|08\d{3}|57P0[123])$/;
const TERMINATED = /Connection terminated|Client has encountered a connection error/;

const failureSchema = z.object({
  code: z.string().optional(),
  message: z.string(),
  syscall: z.string().optional(),
});

/** Whether a failure is that of the way to the database, and not of what was asked of it. */
export function isDatabaseAway(error: unknown): boolean {
  for (let one = error; one instanceof Error; one = one.cause) {
    const { code = '', message, syscall } = failureSchema.parse(one);
    // A missing file is no missing database.
    if (code === 'ENOENT' && syscall !== 'connect') continue;
    if (LOST.test(code) || TERMINATED.test(message)) return true;
  }
  return false;
}
