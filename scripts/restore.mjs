import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { must, ROOT } from './lib/run.mjs';

// Puts a workshop back to a backup: `npm run restore -- FILE`, with DATA_DIR for another folder than the usual one.
const [file] = process.argv.slice(2);
if (file === undefined) {
  console.error('Say which backup: npm run restore -- FILE');
  process.exit(1);
}
await installIfNeeded();
await buildIfNeeded();
// A path is meant from where the maker stands; anything else is the name of a backup.
const path = resolve(process.env.INIT_CWD ?? '.', file);
const backup = existsSync(path) ? path : file;
await must(process.execPath, [join(ROOT, 'apps/server/dist/server.mjs'), '--restore', backup], {
  env: { DATA_DIR: process.env.DATA_DIR ?? join(ROOT, 'workshop') },
});
