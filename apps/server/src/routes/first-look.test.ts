import { randomUUID } from 'node:crypto';
import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ringCalls } from '../testing/ring-calls';
import { demoServer, FROM_NETWORK, path, testServer, type TestServer } from '../testing/test-server';

const PAGE =
  '<!doctype html><html lang="en"><body><div id="root"><!-- The first look. --></div></body></html>';

let webDir: string;
let server: TestServer;

beforeAll(async () => {
  webDir = await mkdtemp(join(tmpdir(), 'first-look-'));
  await mkdir(join(webDir, '_expo'));
  await mkdir(join(webDir, 'fonts'));
  await writeFile(join(webDir, 'index.html'), PAGE);
  server = await demoServer(undefined, { webDir });
});
afterAll(async () => {
  await server.close();
  await rm(webDir, { recursive: true });
});

const pageAt = async (address: string, headers: object = {}, of = server) =>
  (
    await of.api
      .get(address)
      .set({ ...headers })
      .expect(200)
  ).text;

interface InWork {
  readonly id: string;
  readonly name: string;
}

async function ringsInWork(): Promise<readonly InWork[]> {
  return (await server.api.get(path('/rings?status=in-work')).expect(200)).body.items;
}

describe('the page before the app is there', () => {
  it('shows every ring in work with what to do next, each leading to its own page', async () => {
    const rings = await ringsInWork();
    expect(rings.length).toBeGreaterThan(2);
    for (const address of ['/', '/bench']) {
      const text = await pageAt(address);
      expect(text).toContain(`<h1>Bench</h1><p>${rings.length} in work</p>`);
      for (const { id, name } of rings) {
        expect(text).toMatch(
          new RegExp(`<a href="/bench/${id}"><strong>[^<]+</strong><span>${name} · step \\d`),
        );
      }
    }
  });

  it('shows of a ring’s own page the step at hand, in full', async () => {
    const [ring] = await ringsInWork();
    const { body } = await server.api.get(path(`/rings/${ring?.id}`)).expect(200);
    const text = await pageAt(`/bench/${ring?.id}`);
    const step = /<p>Step (\d+) of \d+<\/p>/.exec(text)?.[1];
    const { title, instruction } = body.steps[Number(step) - 1];
    expect(text).toContain(`<h1>${ring?.name}</h1>`);
    expect(text).toContain(`<strong>${title}`);
    expect(text).toContain(`<p>${instruction}</p>`);
    expect(text.match(/<li>/g)).toHaveLength(1);
  });

  it('comes in the maker’s light, and names nothing as markup', async () => {
    const { addPlan } = ringCalls(() => server);
    const planId = await addPlan('Velmar');
    const name = 'Tom & <b>Ann</b>';
    await server.api.post(path('/rings')).send({ id: randomUUID(), planId, name }).expect(201);
    await server.api.patch(path('/settings')).send({ light: 'torch' }).expect(200);
    const text = await pageAt('/bench');
    expect(text).toContain('<html class="torch" lang="en">');
    expect(text).toContain('Tom &amp; &lt;b&gt;Ann&lt;/b&gt;');
    expect(text).not.toContain('<b>Ann');
  });

  it('is as it was built for strangers, at other places, and where nothing is in work', async () => {
    expect(await pageAt('/bench', FROM_NETWORK)).toBe(PAGE);
    expect(await pageAt('/plan')).toBe(PAGE);
    const empty = await testServer(undefined, { webDir });
    try {
      expect(await pageAt('/', {}, empty)).toBe(PAGE.replace('<!-- The first look. -->', ''));
    } finally {
      await empty.close();
    }
  });

  it('does not wait for a database that is gone', async () => {
    const gone = await testServer(undefined, { webDir });
    await gone.close();
    expect(await pageAt('/bench', {}, gone)).toBe(PAGE);
  });
});
