import { existsSync } from 'node:fs';
import { cp, mkdir, readdir, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { must, ROOT, say } from './lib/run.mjs';

const WEB = join(ROOT, 'apps/web');
const EMPTY = join(ROOT, 'apps/.empty-web');
const SHARED = [
  'app.json',
  'babel.config.js',
  'metro.config.js',
  'minify.cjs',
  'tailwind.config.js',
  'global.css',
  'theme',
];

/** One screen that touches each library of the stack once, and does nothing. */
const LAYOUT = `
import '../global.css';
import { configureStore } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { Provider } from 'react-redux';
import { FONTS } from '../theme/fonts';

const api = createApi({ baseQuery: fetchBaseQuery({ baseUrl: '/' }), endpoints: (build) => ({ one: build.query({ query: () => '/' }) }) });
const store = configureStore({ reducer: { api: api.reducer }, middleware: (defaults) => defaults().concat(api.middleware) });

export default function Layout() {
  useFonts(FONTS);
  return <Provider store={store}><Slot /></Provider>;
}
`;
const INDEX = `
import { zodResolver } from '@hookform/resolvers/zod';
import { getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { scaleLinear } from 'd3-scale';
import { format } from 'date-fns';
import Check from 'lucide-react-native/icons/circle-check';
import { useForm } from 'react-hook-form';
import { Text, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { z } from 'zod';

export default function Index() {
  useForm({ resolver: zodResolver(z.object({ name: z.string() })) });
  useReactTable({ data: [], columns: [], getCoreRowModel: getCoreRowModel() });
  return (
    <View className="flex-1">
      <Check />
      <Text>{format(new Date(0), 'yyyy')}</Text>
      <Svg><Circle r={scaleLinear()(1)} /></Svg>
    </View>
  );
}
`;

/** @param part only scripts whose name begins so: `entry` is what the first page fetches */
async function scriptSizes(folder, part = '') {
  const scripts = join(folder, 'dist/_expo/static/js/web');
  let plain = 0;
  let zipped = 0;
  for (const file of (await readdir(scripts)).filter(
    (name) => name.startsWith(part) && name.endsWith('.js'),
  )) {
    const code = await readFile(join(scripts, file));
    plain += code.length;
    zipped += gzipSync(code, { level: 9 }).length;
  }
  return { plain, zipped };
}

async function exportEmptyApp() {
  await rm(EMPTY, { recursive: true, force: true });
  await mkdir(join(EMPTY, 'app'), { recursive: true });
  for (const name of SHARED) await cp(join(WEB, name), join(EMPTY, name), { recursive: true });
  // What npm put beside the app itself is found there.
  const own = join(WEB, 'node_modules');
  if (existsSync(own)) await symlink(own, join(EMPTY, 'node_modules'), 'dir');
  const { dependencies } = JSON.parse(await readFile(join(WEB, 'package.json'), 'utf8'));
  const description = { name: 'empty-app', private: true, main: 'expo-router/entry', dependencies };
  await writeFile(join(EMPTY, 'package.json'), JSON.stringify(description));
  await writeFile(join(EMPTY, 'tsconfig.json'), '{ "extends": "expo/tsconfig.base" }');
  await writeFile(join(EMPTY, 'app/_layout.tsx'), LAYOUT);
  await writeFile(join(EMPTY, 'app/index.tsx'), INDEX);
  await must('npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], { cwd: EMPTY });
}

await installIfNeeded();
await buildIfNeeded();
say('Exporting an empty app of the same stack …');
try {
  await exportEmptyApp();
  const app = await scriptSizes(WEB);
  const empty = await scriptSizes(EMPTY);
  const kb = (bytes) => `${(bytes / 1024).toFixed(0)} KB`;
  const line = (name, { plain, zipped }) => {
    const ratio = `${(plain / empty.plain).toFixed(2)} ×, ${(zipped / empty.zipped).toFixed(2)} × gzip`;
    console.log(`${name.padEnd(34)} ${kb(plain)}, ${kb(zipped)} gzip   ${ratio}`);
  };
  line('empty app', empty);
  line('Round Mint, fetched at the start', await scriptSizes(WEB, 'entry'));
  line('Round Mint, all scripts', app);
} finally {
  await rm(EMPTY, { recursive: true, force: true });
}
