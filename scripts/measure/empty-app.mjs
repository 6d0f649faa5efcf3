import { existsSync } from 'node:fs';
import { cp, mkdir, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { fingerprint } from '../lib/fresh.mjs';
import { must, ROOT, say } from '../lib/run.mjs';

const WEB = join(ROOT, 'apps/web');
const EMPTY = join(ROOT, 'apps/.empty-web');
const SHARED = ['app.json', 'babel.config.js', 'minify.cjs', 'tailwind.config.js', 'global.css', 'theme'];

/** The stack as it comes: nothing of it is left out. */
const METRO = `
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);
config.transformer.minifierPath = require.resolve('./minify.cjs');
config.transformer.unstable_disableNormalizePseudoGlobals = true;
module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
`;
/** One screen that touches each library of the stack once, and does nothing. */
const LAYOUT = `
import '../global.css';
import { configureStore } from '@reduxjs/toolkit';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';
import { Slot } from 'expo-router';
import { Provider } from 'react-redux';

const api = createApi({ baseQuery: fetchBaseQuery({ baseUrl: '/' }), endpoints: (build) => ({ one: build.query({ query: () => '/' }) }) });
const store = configureStore({ reducer: { api: api.reducer }, middleware: (defaults) => defaults().concat(api.middleware) });

export default function Layout() {
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

/** What was measured last, and of what: exporting it takes a minute, and it changes only with the stack. */
const RECORD = join(ROOT, 'scripts/measure/empty-app.json');
/** Styles come in a file of their own and make no script larger. */
const STYLES = ['tailwind.config.js', 'global.css', 'theme'];
const MADE_FROM = [
  'package-lock.json',
  'scripts/measure/empty-app.mjs',
  ...SHARED.filter((name) => !STYLES.includes(name)).map((name) => `apps/web/${name}`),
];

/**
 * The size of an empty app of the same stack: as recorded while the stack is what it was, else measured and recorded.
 * @param {(dist: string) => Promise<object>} measure takes an exported app's folder
 */
export async function emptyAppSize(measure) {
  const madeFrom = await fingerprint(MADE_FROM);
  const recorded = JSON.parse(await readFile(RECORD, 'utf8').catch(() => '{}'));
  if (recorded.madeFrom === madeFrom) return recorded.bytes;
  say('Exporting an empty app of the same stack …');
  const bytes = await exported(measure);
  await writeFile(RECORD, `${JSON.stringify({ madeFrom, bytes }, undefined, 2)}\n`);
  return bytes;
}

/** Exports an empty app, gives its folder to `measure`, and removes it. */
async function exported(measure) {
  try {
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
    await writeFile(join(EMPTY, 'metro.config.js'), METRO);
    await writeFile(join(EMPTY, 'app/_layout.tsx'), LAYOUT);
    await writeFile(join(EMPTY, 'app/index.tsx'), INDEX);
    await must('npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], { cwd: EMPTY });
    return await measure(join(EMPTY, 'dist'));
  } finally {
    await rm(EMPTY, { recursive: true, force: true });
  }
}
