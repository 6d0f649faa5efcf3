import type { Learnt } from '@round-mint/core/learn';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import type { Taught } from './teach';
import type { Teacher } from './teacher';

/** A thread that has had nothing to do for so long ends and gives back its memory; the next one is given all anew. */
const IDLE_MS = 10 * 60_000;

/** In a thread of its own: what the server answers meanwhile does not wait for it. @param file the program of the thread */
export function threadTeacher(file: URL): Teacher {
  const pool = new Piscina<unknown, unknown>({
    filename: fileURLToPath(file),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
  });
  return {
    teach: (task) => pool.run(task, { name: 'teach' }) as Promise<Taught>,
    take: (task) => pool.run(task, { name: 'take' }) as Promise<boolean>,
    learn: (task) => pool.run(task, { name: 'learn' }) as Promise<Learnt | null>,
    close: () => pool.destroy(),
  };
}
