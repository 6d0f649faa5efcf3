import { createServer } from 'node:net';

const WORDS: Readonly<Record<string, string>> = {
  EADDRINUSE: 'is taken by another program',
  EACCES: 'may not be used by you (ports below 1024 often may not)',
  EADDRNOTAVAIL: 'cannot be had: this machine has no such address',
};

/**
 * Makes sure that a port can be had, before anything is loaded.
 * @throws Error in words
 */
export function checkPort(port: number, host: string): Promise<void> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error: NodeJS.ErrnoException) => {
      const words = WORDS[error.code ?? ''];
      const told = `Port ${port} on ${host} ${words}: set PORT, or HOST, to another one.`;
      reject(words === undefined ? error : new Error(told));
    });
    probe.listen(port, host, () => probe.close(() => resolve()));
  });
}
