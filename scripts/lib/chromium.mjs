import { existsSync } from 'node:fs';
import { installPackage } from './apt.mjs';
import { say } from './run.mjs';

/** Debian's Chromium without a screen; a whole one does as well, and takes a quarter longer over the browser tests. */
const SHELL = '/usr/bin/chromium-headless-shell';
const PROGRAMS = [SHELL, '/usr/bin/chromium'];

/** The Chromium that browser tests and pictures are made with. */
export function chromiumPath() {
  return process.env.CHROMIUM ?? PROGRAMS.find(existsSync) ?? SHELL;
}

/** Debian's Chromium for the browser tests; installed from its packages when it is missing. */
export async function chromiumIfNeeded() {
  if (existsSync(chromiumPath())) return;
  say('Installing Chromium from Debian’s packages …');
  await installPackage('chromium-headless-shell');
}
