import { resolve } from 'node:path';
import { readConfig } from './config';

describe('readConfig', () => {
  it('binds to loopback and keeps its data beside it unless told otherwise', () => {
    expect(readConfig({})).toMatchObject({
      host: undefined,
      restore: undefined,
      backupDir: resolve('data/backups'),
      authorityFolder: undefined,
      locked: undefined,
      port: 4173,
      database: { dataDir: resolve('data') },
      demo: false,
      allowedHosts: [],
    });
    expect(readConfig({ ALLOWED_HOSTS: 'bench.example, ,shop.example' }).allowedHosts).toEqual([
      'bench.example',
      'shop.example',
    ]);
  });

  it('goes by the environment', () => {
    expect(
      readConfig({ HOST: '0.0.0.0', PORT: '8080', DATA_DIR: '/tmp/x', ROUND_MINT_DEMO: '1' }),
    ).toMatchObject({
      host: '0.0.0.0',
      port: 8080,
      database: { dataDir: '/tmp/x' },
      demo: true,
    });
    expect(readConfig({ DATABASE_URL: 'postgres://maker@host/db', DATA_DIR: '/tmp/x' }).database).toEqual({
      url: 'postgres://maker@host/db',
    });
  });

  it('goes by what is added to the command', () => {
    const env = { DATA_DIR: '/tmp/x' };
    expect(readConfig(env, ['--lan', '--https', '--lock'])).toMatchObject({
      host: '0.0.0.0',
      authorityFolder: '/tmp/x/certificates',
      locked: true,
    });
    // An address that is told goes before all addresses.
    expect(readConfig({ ...env, HOST: '10.0.0.5' }, ['--lan']).host).toBe('10.0.0.5');
    expect(() => readConfig(env, ['--wan'])).toThrow(/^These can be added: --lan/);
  });

  it.each(['many', '-1', '70000', '80.5'])('refuses the port %p in words', (port) => {
    expect(() => readConfig({ PORT: port })).toThrow(`PORT must be a number from 0 to 65535, not “${port}”.`);
  });
});
