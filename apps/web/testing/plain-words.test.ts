import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

const ROOT = join(__dirname, '../../..');
const FOLDERS = [
  'apps/web/features',
  'apps/web/ui',
  'apps/web/drawings',
  'apps/web/store',
  'packages/core/src',
  'apps/server/src',
];

/** Words that a reader stumbled over, and what is said instead. */
const STUMBLES: readonly (readonly [RegExp, string])[] = [
  [/\breckoned\b/i, 'worked out'],
  [/\bforetold|foretells\b/, 'predicted'],
  [/\bby only told\b|'only told'/, 'size as told, not measured'],
  [/craft §/, 'nothing: a maker has no such book'],
  [/\banew\b/, 'again'],
  [/\bA new wish\b|\bKeep the wish\b|\bMake it so\b|, made so\b|\bNot as wished\b/, 'order, save, choose'],
  [/label=\W*Keep |'Keeping …'/, 'Save …'],
  [/\bput away\b/i, 'archived'],
  [/\bLeft over\b|\bleft over\?/, 'Profit'],
  [/'Used up'/, 'Supplies'],
  [/\bmin of hands\b|\bof waiting\b/, 'hands-on, waiting'],
  [/'Annealed again'/, 'Log an extra anneal'],
  [/'Light up'/, 'Day light'],
  [/'Taken back'|\b[Tt]ake back what\b/, 'Undone, undo'],
  [/\bMake it mine\b/, 'Copy and edit'],
  [/\bWhat it comes of\b/, 'Cost breakdown'],
  [/\bkeep the hands\b/, 'Hours per ring'],
  [/\bA sizer goes out\b/, 'Send a sizer'],
  [/\b[Tt]wo schools\b|\b[Oo]ther school\b|\bboth schools\b/, 'methods'],
  [/\bWorks as thick as\b/, 'Working thickness'],
  [/\bwhichever serves\b/, 'Best available'],
  [
    /\bA band that turns on another\b|\bAn open ring with a coin in it\b|\bAnother size for a finished band\b/,
    'kinds of work',
  ],
  [/(?<!e-)\b[Mm]ail address\b/, 'E-mail'],
  [/\b(the|my) drawer\b/, 'stock'],
  [/\$\{[^}]*\} %/, 'a percent sign right after its number'],
];

function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\./.test(entry.name) ? [path] : [];
  });
}

/** What stands in a file for people to read: its code without comments and without what only engineers see. */
function shown(path: string): readonly string[] {
  const code = readFileSync(path, 'utf8')
    .replace(/\/\*[\s\S]*?\*\//g, '')
    .replace(/^\s*\/\/.*$/gm, '');
  return code.split('\n').filter((line) => !/^\s*(import|throw new (Range)?Error)\b/.test(line));
}

describe('words on screens', () => {
  it('are all looked through', () => {
    const text = FOLDERS.flatMap((folder) => sources(join(ROOT, folder)))
      .flatMap(shown)
      .join('\n');
    for (const words of [
      'Plan a ring',
      'Kind regards',
      'Cost breakdown',
      'Nothing that burns near the torch',
    ])
      expect(text).toContain(words);
  });

  it.each(STUMBLES)('nowhere say %s', (stumble) => {
    const found = FOLDERS.flatMap((folder) => sources(join(ROOT, folder))).flatMap((path) =>
      shown(path)
        .filter((line) => stumble.test(line))
        .map((line) => `${relative(ROOT, path)}: ${line.trim()}`),
    );
    expect(found).toEqual([]);
  });
});
