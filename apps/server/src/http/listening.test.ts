import express from 'express';
import { get } from 'node:https';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { EVERYWHERE, LOOPBACK, networkAddresses } from './addresses';
import { openAuthority } from './certificates';
import { createListening, type Listening } from './listening';

const [elsewhere] = networkAddresses(EVERYWHERE);
const app = express().get('/', (_request, response) => response.send('here'));

let listening: Listening | undefined;
afterEach(async () => {
  const last = listening;
  await new Promise<void>((resolve) => {
    if (!last) return resolve();
    last.close(resolve);
    last.closeAllConnections();
  });
});

const heard = async (url: string) => (await fetch(url, { headers: { connection: 'close' } })).text();

describe('a workshop on plain http', () => {
  it('is opened to the network and closed again while it runs, on one port', async () => {
    listening = createListening({ host: LOOPBACK, port: 0, allowedHosts: [] });
    const { network } = listening;
    const url = await listening.start(app);
    const { port } = new URL(url);
    expect(await heard(url)).toBe('here');
    expect(network.isOpen()).toBe(false);
    expect(network.addresses()).toEqual([]);
    expect(network.certificateAddress()).toBeNull();
    await network.setOpen(true);
    expect(network.isOpen()).toBe(true);
    expect(network.addresses()).toEqual(
      networkAddresses(EVERYWHERE).map((address) => `http://${address}:${port}`),
    );
    expect(await heard(url)).toBe('here');
    if (elsewhere) expect(await heard(`http://${elsewhere}:${port}`)).toBe('here');
    await network.setOpen(false);
    expect(await heard(url)).toBe('here');
    if (elsewhere) await expect(heard(`http://${elsewhere}:${port}`)).rejects.toThrow();
  });
});

describe('a workshop on https', () => {
  it('shows what its authority vouches for, and offers that beside', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'round-mint-'));
    try {
      listening = createListening({ host: LOOPBACK, port: 0, allowedHosts: [], authorityFolder: folder });
      const url = await listening.start(app);
      expect(url).toMatch(/^https:/);
      const offered = listening.network.certificateAddress() ?? '';
      const { cert } = await openAuthority(folder);
      expect(await heard(offered)).toBe(cert);
      const text = await new Promise<string>((resolve, reject) => {
        get(url, { ca: cert, agent: false }, (answer) => {
          answer.on('data', (data: Buffer) => resolve(data.toString()));
        }).on('error', reject);
      });
      expect(text).toBe('here');
      const sent = await fetch(new URL('/stock?q=1', offered), { redirect: 'manual' });
      expect([sent.status, sent.headers.get('location')]).toEqual([
        308,
        `https://localhost:${new URL(url).port}/stock?q=1`,
      ]);
    } finally {
      await rm(folder, { recursive: true });
    }
  });
});
