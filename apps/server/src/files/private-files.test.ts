import { mkdtemp, readdir, readFile, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { writeWhole } from './private-files';

let folder: string;
beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'round-mint-files-'));
});
afterEach(() => rm(folder, { recursive: true, force: true }));

describe('a file that is written whole', () => {
  it('is one of those that were written at once, readable by its maker alone, with nothing left over', async () => {
    const file = join(folder, 'settings.json');
    const texts = Array.from({ length: 12 }, (_, i) => String(i).repeat(2000));
    await Promise.all(texts.map((text) => writeWhole(file, text)));
    expect(texts).toContain(await readFile(file, 'utf8'));
    expect((await stat(file)).mode & 0o777).toBe(0o600);
    expect(await readdir(folder)).toEqual(['settings.json']);
  });

  it('leaves nothing where it could not be written', async () => {
    const file = join(folder, 'missing', 'settings.json');
    await expect(writeWhole(file, 'text')).rejects.toThrow('ENOENT');
    expect(await readdir(folder)).toEqual([]);
  });
});
