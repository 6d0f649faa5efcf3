import { deviceSetSchema, type DeviceReading } from '@round-mint/contract/devices';
import { Router, type Request } from 'express';
import { notFound } from '../http/errors';
import { bodyOf } from '../http/validate';
import { benchDevices, type Instrument } from './instrument';

/** A silent line is taken for a dead one by proxies: a comment now and then keeps it, ms. */
const KEEP_ALIVE_MS = 15_000;

/** The simulated devices: their displays, a page's way to set them, and the stream of their readings. */
export function devicesRouter(devices: ReadonlyMap<string, Instrument> = benchDevices()): Router {
  const deviceOf = (request: Request): Instrument => {
    const device = devices.get(String(request.params['device']));
    if (!device) throw notFound('device');
    return device;
  };
  const router = Router();
  router.get('/', (_request, response) => {
    response.json({ items: [...devices.values()].map(({ state }) => state) });
  });
  router.put('/:device', (request, response) => {
    response.json(deviceOf(request).set(bodyOf(deviceSetSchema, request).value));
  });
  router.post('/:device/send', (request, response) => {
    response.json(deviceOf(request).send());
  });
  router.get('/:device/stream', (request, response) => {
    const device = deviceOf(request);
    response.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-store' });
    const write = (reading: DeviceReading) => response.write(`data: ${JSON.stringify(reading)}\n\n`);
    const { value, unit } = device.state;
    write({ value, unit, sent: false });
    const stop = device.listen(write);
    const keepAlive = setInterval(() => response.write(': still here\n\n'), KEEP_ALIVE_MS);
    keepAlive.unref();
    request.on('close', () => {
      clearInterval(keepAlive);
      stop();
    });
  });
  return router;
}
