import { deviceListSchema } from '@round-mint/contract/devices';
import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { createApp } from '../app';
import { openDatabase } from '../db/database';
import { templateOf, testServer, type TestServer } from '../testing/test-server';
import { benchDevices, type Instrument } from './instrument';

describe('an instrument', () => {
  it('shows what it is set to, on its own steps and within its range', () => {
    const calliper = benchDevices().get('calliper') as Instrument;
    expect(calliper.set(18.9273).value).toBe(18.93);
    expect(calliper.set(900).value).toBe(150);
    expect(calliper.set(-3).value).toBe(0);
  });

  it('tells who listens, until they have gone', () => {
    const calliper = benchDevices().get('calliper') as Instrument;
    const heard: unknown[] = [];
    const stop = calliper.listen((reading) => heard.push(reading));
    calliper.set(19);
    calliper.send();
    stop();
    calliper.set(20);
    expect(heard).toEqual([
      { value: 19, unit: 'mm', sent: false },
      { value: 19, unit: 'mm', sent: true },
    ]);
  });
});

describe('the devices of the server', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await testServer();
  });
  afterAll(() => server.close());

  it('lists a calliper and a scale, and sets them', async () => {
    const { body } = await server.api.get('/api/v1/devices').expect(200);
    expect(deviceListSchema.parse(body).items.map(({ id, unit }) => [id, unit])).toEqual([
      ['calliper', 'mm'],
      ['scale', 'g'],
    ]);
    const set = await server.api.put('/api/v1/devices/scale').send({ value: 12.345 }).expect(200);
    expect(set.body.value).toBe(12.35);
  });

  it('refuses a setting that is no number, and a device there is not', async () => {
    const { body } = await server.api.put('/api/v1/devices/calliper').send({ value: 'wide' }).expect(400);
    expect(body.error.fields).toEqual([{ path: 'value', message: 'must be a number' }]);
    await server.api.put('/api/v1/devices/ruler').send({ value: 1 }).expect(404);
  });

  it('streams readings as they come', async () => {
    const database = await openDatabase({ memory: true, copyOf: await templateOf('empty') });
    const listening = createApp({ database, version: 'test' }).listen(0);
    const { port } = listening.address() as AddressInfo;
    const lines = await new Promise<string>((resolve, reject) => {
      const asked = http.get(`http://127.0.0.1:${port}/api/v1/devices/calliper/stream`, (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => {
          if (text === '') {
            const put = http.request(`http://127.0.0.1:${port}/api/v1/devices/calliper/send`, {
              method: 'POST',
            });
            put.on('error', reject).end();
          }
          text += chunk.toString();
          if (!text.includes('"sent":true')) return;
          asked.destroy();
          resolve(text);
        });
      });
      asked.on('error', reject);
    });
    await new Promise((resolve) => listening.close(resolve));
    await database.close();
    expect(lines).toContain('data: {"value":18.9,"unit":"mm","sent":false}');
    expect(lines).toContain('data: {"value":18.9,"unit":"mm","sent":true}');
  });
});
