import {
  accessPatchSchema,
  accessSchema,
  changesQuerySchema,
  pairedDeviceListSchema,
  pairedDeviceSchema,
  pairingCodeAnswerSchema,
  pairSchema,
} from './access';
import { endpoint, type Endpoint } from './endpoint';

const PAIRED = 'paired device';

/** Who may come in, and what changes while they are there. */
export const access = {
  get: endpoint({
    method: 'get',
    path: '/access',
    summary: 'Who asks, and how the workshop can be reached; strangers may ask this, too',
    response: accessSchema,
  }),
  change: endpoint({
    method: 'patch',
    path: '/access',
    summary: 'Open the workshop to the network or close it; lock the machine itself',
    request: accessPatchSchema,
    response: accessSchema,
    errors: ['machine-only'],
  }),
  newCode: endpoint({
    method: 'post',
    path: '/access/code',
    summary: 'Show a new pairing code; it is good for one device and five minutes',
    response: pairingCodeAnswerSchema,
    creates: true,
    errors: ['machine-only'],
  }),
  pair: endpoint({
    method: 'post',
    path: '/access/pair',
    summary: 'Pair the device that asks; the answer sets its session cookie',
    request: pairSchema,
    response: pairedDeviceSchema,
    creates: true,
    errors: ['wrong-code'],
  }),
  devices: endpoint({
    method: 'get',
    path: '/access/devices',
    summary: 'Paired devices',
    response: pairedDeviceListSchema,
  }),
  revoke: endpoint({
    method: 'delete',
    path: '/access/devices/{id}',
    summary: 'Revoke a paired device: its session ends at once',
    thing: PAIRED,
    errors: ['not-found'],
  }),
  restore: endpoint({
    method: 'post',
    path: '/access/devices/{id}/restore',
    summary: 'Let a revoked device in again',
    thing: PAIRED,
    response: pairedDeviceSchema,
    errors: ['not-found', 'machine-only'],
  }),
  changes: endpoint({
    method: 'get',
    path: '/changes',
    summary: 'A stream of what other pages change, as server-sent events {resource, id?, version}',
    query: changesQuerySchema,
    media: 'text/event-stream',
  }),
} satisfies Readonly<Record<string, Endpoint>>;
