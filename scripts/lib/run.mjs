import { spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** What every tool of the project runs under: no questions, no telemetry, nothing fetched. */
const QUIET = { CI: '1', EXPO_NO_TELEMETRY: '1', EXPO_OFFLINE: '1' };

/**
 * Runs a program in the project's folder.
 * @returns its exit code and, when `capture` is set, what it printed
 */
export function run(command, args, { env = {}, capture = false, echo = true, cwd = ROOT } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env: { ...process.env, ...QUIET, ...env },
      stdio: capture ? ['ignore', 'pipe', 'pipe'] : 'inherit',
    });
    let output = '';
    for (const stream of capture ? [child.stdout, child.stderr] : []) {
      stream.on('data', (data) => {
        output += data;
        if (echo) process.stdout.write(data);
      });
    }
    child.on('error', reject);
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Runs a program that has to succeed. */
export async function must(command, args, options) {
  const { code } = await run(command, args, options);
  if (code !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${code}`);
}

/** Says what is being done: a long wait needs words. */
export function say(text) {
  console.log(`· ${text}`);
}
