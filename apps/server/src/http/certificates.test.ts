import { X509Certificate } from 'node:crypto';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { isStale, makeLeaf, openAuthority } from './certificates';

const DAY_MS = 24 * 3_600_000;

let folder: string;
beforeAll(async () => {
  folder = join(await mkdtemp(join(tmpdir(), 'round-mint-')), 'certificates');
});
afterAll(() => rm(join(folder, '..'), { recursive: true }));

describe('the authority of a workshop', () => {
  it('is made once, and is its maker’s alone', async () => {
    const made = await openAuthority(folder);
    expect(await openAuthority(folder)).toEqual(made);
    expect((await stat(folder)).mode & 0o777).toBe(0o700);
    expect((await stat(join(folder, 'authority.json'))).mode & 0o777).toBe(0o600);
    expect(new X509Certificate(made.cert).ca).toBe(true);
  });

  it('vouches for the names and addresses of today', async () => {
    const authority = await openAuthority(folder);
    const names = ['bench.local', 'localhost', '192.168.7.20'];
    const now = Date.now();
    const leaf = await makeLeaf(authority, names, now);
    const shown = new X509Certificate(leaf.cert);
    expect(shown.verify(new X509Certificate(authority.cert).publicKey)).toBe(true);
    expect(shown.ca).toBe(false);
    expect(shown.checkHost('bench.local')).toBe('bench.local');
    expect(shown.checkIP('192.168.7.20')).toBe('192.168.7.20');
    expect(shown.checkHost('evil.example')).toBeUndefined();
    // 90 days, of which the last 30 are never used.
    expect(Math.round((Date.parse(shown.validTo) - now) / DAY_MS)).toBe(90);
    expect(isStale(leaf, names, now + 59.9 * DAY_MS)).toBe(false);
    expect(isStale(leaf, names, now + 60 * DAY_MS)).toBe(true);
    expect(isStale(leaf, [...names, '10.0.0.5'], now)).toBe(true);
  });
});
