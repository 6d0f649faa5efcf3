import { mkdir, readFile, writeFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { installIfNeeded } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';

// The app's fonts as they are sent: the signs that its words, names and measures need, packed for browsers.
await installIfNeeded();
const { default: subsetFont } = await import('subset-font');
const require = createRequire(import.meta.url);
const FOLDER = join(ROOT, 'apps/web/public/fonts');

/** Latin letters with their accents, quotes and dashes, currencies, fractions, arrows, mathematics, simple shapes. */
const RANGES = [
  [0x20, 0x7e],
  [0xa0, 0x17f],
  [0x2c6, 0x2dd],
  [0x2010, 0x203a],
  [0x20a0, 0x20bf],
  [0x2100, 0x2122],
  [0x2150, 0x215f],
  [0x2190, 0x2199],
  [0x2200, 0x22ff],
  [0x2300, 0x2300],
  [0x25a0, 0x25ff],
];
const SIGNS = RANGES.flatMap(([first, last]) =>
  Array.from({ length: last - first + 1 }, (_, i) => String.fromCodePoint(first + i)),
).join('');

const FONTS = {
  'barlow-400': require.resolve('@expo-google-fonts/barlow/400Regular/Barlow_400Regular.ttf'),
  'barlow-500': require.resolve('@expo-google-fonts/barlow/500Medium/Barlow_500Medium.ttf'),
  'barlow-600': require.resolve('@expo-google-fonts/barlow/600SemiBold/Barlow_600SemiBold.ttf'),
  'zilla-slab-600': require.resolve('@expo-google-fonts/zilla-slab/600SemiBold/ZillaSlab_600SemiBold.ttf'),
};

await mkdir(FOLDER, { recursive: true });
for (const [name, source] of Object.entries(FONTS)) {
  // Barlow's numerals have shapes of one width, which stand behind a feature; headings need no second shapes.
  const noLayoutClosure = name.startsWith('zilla');
  const packed = await subsetFont(await readFile(source), SIGNS, { targetFormat: 'woff2', noLayoutClosure });
  await writeFile(join(FOLDER, `${name}.woff2`), packed);
  console.log(`${name}  ${(packed.length / 1024).toFixed(0)} KB`);
}
