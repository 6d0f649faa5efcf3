import type { DeviceReading } from '@round-mint/contract/devices';
import { devices as calls } from '@round-mint/contract/endpoints-bench';
import { Router } from 'express';
import { notFound } from '../http/errors';
import { openStream } from '../http/event-stream';
import { serve } from '../http/serve';
import { benchDevices, type Instrument } from './instrument';

/** The simulated devices: their displays, a page's way to set them, and the stream of their readings. */
export function devicesRouter(devices: ReadonlyMap<string, Instrument> = benchDevices()): Router {
  const deviceOf = (id: string): Instrument => {
    const device = devices.get(id);
    if (!device) throw notFound('device');
    return device;
  };
  const router = Router();
  serve(router, calls.list, () => ({ items: [...devices.values()].map(({ state }) => state) }));
  serve(router, calls.set, ({ params, body }) => deviceOf(params.device).set(body.value));
  serve(router, calls.send, ({ params }) => deviceOf(params.device).send());
  serve(router, calls.stream, ({ params, request, response }) => {
    const device = deviceOf(params.device);
    const stream = openStream(request, response, () => stop());
    const write = (reading: DeviceReading) => stream.send(reading);
    const { value, unit } = device.state;
    write({ value, unit, sent: false });
    const stop = device.listen(write);
  });
  return router;
}
