import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { demoServer, path, testServer, type TestServer } from '../testing/test-server';

const PAGE = `<!doctype html><title>Round Mint</title>${'<p>ring</p>'.repeat(200)}`;
const SCRIPT = 'globalThis.ring = 1;';

let webDir: string;
let server: TestServer;

beforeAll(async () => {
  webDir = await mkdtemp(join(tmpdir(), 'packed-'));
  await mkdir(join(webDir, '_expo'), { recursive: true });
  await mkdir(join(webDir, 'fonts'));
  await writeFile(join(webDir, 'fonts/letters.woff2'), 'letters');
  for (const [name, text] of [
    ['index.html', PAGE],
    ['_expo/app.js', SCRIPT],
  ] as const) {
    await writeFile(join(webDir, name), text);
    await writeFile(join(webDir, `${name}.gz`), gzipSync(text));
    await writeFile(join(webDir, `${name}.br`), brotliCompressSync(text));
  }
  server = await testServer(undefined, { webDir });
});
afterAll(async () => {
  await server.close();
  await rm(webDir, { recursive: true });
});

describe('files of the app', () => {
  it.each([
    ['br, gzip', 'br'],
    ['gzip', 'gzip'],
    ['identity', undefined],
  ])('go out as a browser that takes “%s” wants them', async (takes, encoding) => {
    const { text, headers } = await server.api.get('/_expo/app.js').set('accept-encoding', takes).expect(200);
    expect(headers['content-encoding']).toBe(encoding);
    expect(headers['content-type']).toMatch(/^text\/javascript/);
    expect(headers['cache-control']).toContain('immutable');
    if (encoding !== 'br') expect(text).toBe(SCRIPT);
  });

  it('are the same page at every address of a place, which may change', async () => {
    for (const address of ['/', '/plan/search?size=8', '/bench/00000001']) {
      const { text, headers } = await server.api.get(address).set('accept-encoding', 'gzip').expect(200);
      expect(text).toBe(PAGE);
      expect(headers['content-encoding']).toBe('gzip');
      expect(headers['content-type']).toMatch(/^text\/html/);
      expect(headers['cache-control']).not.toContain('immutable');
    }
  });

  it('keep letters for a month', async () => {
    const { headers } = await server.api.get('/fonts/letters.woff2').expect(200);
    expect(headers['cache-control']).toBe('public, max-age=2592000');
  });
});

describe('answers', () => {
  it('are packed where they are long, and say the same', async () => {
    const demo = await demoServer();
    try {
      const ask = (takes: string) => demo.api.get(path('/stock')).set('accept-encoding', takes).expect(200);
      const [packed, plain] = [await ask('gzip'), await ask('identity')];
      expect(packed.headers['content-encoding']).toBe('gzip');
      expect(plain.headers['content-encoding']).toBeUndefined();
      expect(packed.body).toEqual(plain.body);
    } finally {
      await demo.close();
    }
  });

  it('that are pictures or tables pass as they are', async () => {
    const { headers } = await server.api.get(path('/log.csv')).set('accept-encoding', 'gzip').expect(200);
    expect(headers['content-encoding']).toBeUndefined();
  });
});
