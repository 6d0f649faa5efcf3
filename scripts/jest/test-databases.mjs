import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { bundleForNode } from '../lib/bundle.mjs';
import { whenStale } from '../lib/fresh.mjs';
import { ROOT } from '../lib/run.mjs';

const FOLDER = join(ROOT, 'node_modules/.cache/round-mint/test-databases');
const MADE_FROM = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'package-lock.json'];

/** Makes the databases that server tests copy, when what they are made from has changed. */
export default async function makeTestDatabases() {
  await whenStale(
    'databases-for-tests',
    MADE_FROM,
    'node_modules/.cache/round-mint/test-databases/demo.tar',
    async () => {
      await bundleForNode(
        { 'make-templates': join(ROOT, 'apps/server/src/testing/make-templates.ts') },
        FOLDER,
      );
      const { makeTemplates } = await import(pathToFileURL(join(FOLDER, 'make-templates.mjs')).href);
      await makeTemplates(FOLDER);
    },
  );
  process.env['TEST_DATABASES'] = FOLDER;
}
