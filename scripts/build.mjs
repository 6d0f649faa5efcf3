import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';

await installIfNeeded();
await buildIfNeeded();
