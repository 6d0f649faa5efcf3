import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { openMemory } from '../db/database';
import { loadDemo } from '../demo/load';
import { createLearner } from '../learning/learner';
import { localTeacher } from '../learning/teacher';

/** The version that tests call themselves. */
export const TEST_PROGRAM = 'test';

/** What tests have of the made-up workshop: not its first year, and faces as small as a list shows them. */
export const TEST_DEMO = { history: false, facePx: 128 } as const;

/** Makes the databases that tests copy: an empty one with its tables, and the made-up workshop without its first year. */
export async function makeTemplates(folder: string): Promise<void> {
  await mkdir(folder, { recursive: true });
  const { db, dump, close } = await openMemory();
  const keep = async (name: string) => {
    const file = await dump();
    await writeFile(join(folder, `${name}.tar`), Buffer.from(await file.arrayBuffer()));
  };
  await keep('empty');
  await loadDemo(db, TEST_DEMO);
  const learner = createLearner({ db, teacher: localTeacher(), program: TEST_PROGRAM });
  learner.look();
  await learner.settled();
  await keep('demo');
  await close();
}
