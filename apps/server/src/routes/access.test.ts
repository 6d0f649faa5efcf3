import { PAGE_HEADER, type Change, type PairedDevice } from '@round-mint/contract/access';
import { fillPath } from '@round-mint/contract/endpoint';
import { ENDPOINTS } from '@round-mint/contract/endpoints';
import { once } from 'node:events';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { CLOSED_NETWORK } from '../http/network';
import { MOST_WRONG_CODES } from '../http/limits';
import { CODE_LIFE_MS, MOST_TRIES, newCode, pair } from '../services/pairing';
import { deviceOfToken, tokenOf } from '../services/sessions';
import { FROM_NETWORK, path, testServer, type TestServer } from '../testing/test-server';

const ID = '3f2504e0-4f89-41d3-9a0c-0305e82c3301';
const TOOL = { name: 'half-inch punch', spec: { kind: 'punch', diameterMm: 12.7, selfCentring: true } };

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

/** For what leaves its mark: the tests of a `describe` get a workshop each. */
function freshWorkshops() {
  let shared: TestServer;
  beforeEach(async () => {
    shared = server;
    server = await testServer();
  });
  afterEach(async () => {
    await server.close();
    server = shared;
  });
}

const machine = {
  get: (rest: string) => server.api.get(path(rest)),
  post: (rest: string) => server.api.post(path(rest)),
};
const newCodeShown = async () => String((await machine.post('/access/code').expect(201)).body.code);
const pairWith = (code: string, name = 'phone') =>
  server.api.post(path('/access/pair')).set(FROM_NETWORK).send({ code, name });
const cookieOf = (headers: Record<string, unknown>) => String(headers['set-cookie']).split(';')[0] ?? '';

/** A device of the network that was let in. */
async function pairedDevice() {
  const { body, headers } = await pairWith(await newCodeShown()).expect(201);
  const as = { ...FROM_NETWORK, cookie: cookieOf(headers) };
  return { id: String(body.id), as, setCookie: String(headers['set-cookie']) };
}

/** Not the code that is shown. */
const otherThan = (code: string) => (code === '000000' ? '111111' : '000000');

describe('a stranger', () => {
  it.each(
    ENDPOINTS.map((endpoint) => [`${endpoint.method.toUpperCase()} ${endpoint.path}`, endpoint] as const),
  )('gets nothing by %s', async (name, endpoint) => {
    if (name === 'GET /access' || name === 'POST /access/pair') return;
    const { body } = await server.api[endpoint.method](path(fillPath(endpoint, () => ID)))
      .set(FROM_NETWORK)
      .expect(401);
    expect(body).toEqual({
      error: { code: 'not-paired', message: 'This device has to be paired with the workshop first.' },
    });
  });

  it('is told that it is one, and nothing of the workshop', async () => {
    const { body } = await server.api.get(path('/access')).set(FROM_NETWORK).expect(200);
    expect(body).toEqual({
      as: 'stranger',
      deviceId: null,
      open: false,
      locked: false,
      addresses: [],
      certificateAddress: null,
    });
    await server.api
      .get(path('/kit'))
      .set({ ...FROM_NETWORK, cookie: 'round-mint-12345678=nonsense' })
      .expect(401);
  });
});

describe('pairing', () => {
  it('lets a device in by the code that the machine shows, once', async () => {
    const code = await newCodeShown();
    expect(code).toMatch(/^\d{6}$/);
    const { headers } = await pairWith(`${code.slice(0, 3)} ${code.slice(3)}`).expect(201);
    expect(String(headers['set-cookie'])).toMatch(
      /^round-mint-\w{8}=.*Max-Age=34560000; Path=\/.*HttpOnly; SameSite=Strict/,
    );
    expect(String(headers['set-cookie'])).not.toContain('Secure');
    const as = { ...FROM_NETWORK, cookie: cookieOf(headers) };
    const { body } = await server.api.get(path('/access')).set(as).expect(200);
    expect(body.as).toBe('device');
    await server.api.post(path('/kit')).set(as).send(TOOL).expect(201);
    const listed = await server.api.get(path('/access/devices')).set(as).expect(200);
    expect(listed.body.items).toContainEqual(expect.objectContaining({ name: 'phone', here: true }));
    expect((await pairWith(code)).body.error.code).toBe('wrong-code');
  });

  it('is the first one’s when two send the right code at once', async () => {
    const code = await newCodeShown();
    const answers = await Promise.all([pairWith(code, 'one'), pairWith(code, 'two')]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 403]);
    const { items } = (await machine.get('/access/devices')).body as { items: { name: string }[] };
    expect(items.filter(({ name }) => name === 'one' || name === 'two')).toHaveLength(1);
  });

  it('ends a code after five minutes, or when there is a newer one', async () => {
    const now = Date.now();
    const { code } = await newCode(server.db, now);
    const late = pair(server.db, { code, name: 'phone' }, now + CODE_LIFE_MS);
    await expect(late).rejects.toMatchObject({ code: 'wrong-code' });
    const older = await newCodeShown();
    const newer = await newCodeShown();
    if (older !== newer) await pairWith(older).expect(403);
    await pairWith(newer).expect(201);
  });

  it('refuses what is no code, and shows codes to the machine alone', async () => {
    const { body } = await pairWith('12345').expect(400);
    expect(body.error.fields).toEqual([{ path: 'code', message: 'must be 6 digits' }]);
    const { as } = await pairedDevice();
    const refused = await server.api.post(path('/access/code')).set(as).expect(403);
    expect(refused.body.error.code).toBe('machine-only');
    await server.api.patch(path('/access')).set(as).send({ open: true }).expect(403);
  });
});

describe('guessing', () => {
  freshWorkshops();

  it('ends a code after five wrong tries', async () => {
    const code = await newCodeShown();
    for (let i = 0; i < MOST_TRIES; i += 1) {
      expect((await pairWith(otherThan(code)).expect(403)).body.error.code).toBe('wrong-code');
    }
    await pairWith(code).expect(403);
    await pairWith(await newCodeShown()).expect(201);
  });

  it('lets one address be wrong ten times in five minutes', async () => {
    for (let i = 0; i < MOST_WRONG_CODES; i += 1) await pairWith('000000').expect(403);
    const { body } = await pairWith('000000').expect(429);
    expect(body.error.code).toBe('too-many-requests');
  });
});

describe('a session', () => {
  it('ends when its device is revoked, and comes back only from the machine', async () => {
    const { id, as } = await pairedDevice();
    const other = await pairedDevice();
    await server.api.get(path('/kit')).set(as).expect(200);
    // A lost phone is revoked from any device at hand.
    await server.api
      .delete(path(`/access/devices/${id}`))
      .set(other.as)
      .expect(204);
    await server.api.get(path('/kit')).set(as).expect(401);
    await server.api
      .post(path(`/access/devices/${id}/restore`))
      .set(other.as)
      .expect(403);
    await machine.post(`/access/devices/${id}/restore`).expect(200);
    await server.api.get(path('/kit')).set(as).expect(200);
    await server.api.delete(path(`/access/devices/${ID}`)).expect(404);
  });

  it('is not opened by another device’s secret', async () => {
    const one = await pair(server.db, { ...(await newCode(server.db)), name: 'one' });
    const two = await pair(server.db, { ...(await newCode(server.db)), name: 'two' });
    expect(await deviceOfToken(server.db, tokenOf(one))).toBe(one.id);
    expect(await deviceOfToken(server.db, tokenOf({ id: one.id, secret: two.secret }))).toBeUndefined();
    expect(await deviceOfToken(server.db, undefined)).toBeUndefined();
  });

  it('is told when it was last there, to the minute', async () => {
    const now = Date.now();
    const device = await pair(server.db, { ...(await newCode(server.db)), name: 'one' });
    const seen = async () => {
      const { items } = (await machine.get('/access/devices')).body as { items: PairedDevice[] };
      return items.find(({ id }) => id === device.id)?.lastSeenAt ?? '';
    };
    const first = await seen();
    await deviceOfToken(server.db, tokenOf(device), now + 30_000);
    expect(await seen()).toBe(first);
    await deviceOfToken(server.db, tokenOf(device), now + 90_000);
    expect(Date.parse(await seen())).toBe(now + 90_000);
  });
});

describe('the machine itself', () => {
  freshWorkshops();

  it('is locked from itself, and stays inside', async () => {
    const { headers } = await server.api.patch(path('/access')).send({ locked: true }).expect(200);
    const cookie = cookieOf(headers);
    await machine.get('/kit').expect(401);
    await machine.get('/kit').set({ cookie }).expect(200);
    expect((await machine.get('/access').set({ cookie })).body).toMatchObject({
      as: 'machine',
      locked: true,
    });
    await server.api.patch(path('/access')).set({ cookie }).send({ locked: false }).expect(200);
    await machine.get('/kit').expect(200);
  });

  it('opens the workshop to the network', async () => {
    const asked: boolean[] = [];
    const own = await testServer(undefined, {
      network: {
        ...CLOSED_NETWORK,
        setOpen: (open) => {
          asked.push(open);
          return Promise.resolve();
        },
      },
    });
    await own.api.patch(path('/access')).send({ open: true }).expect(200);
    await own.close();
    expect(asked).toEqual([true]);
  });
});

describe('GET /changes', () => {
  let http: Server;
  beforeEach(async () => {
    http = server.app.listen(0, '127.0.0.1');
    await once(http, 'listening');
  });
  afterEach(() => {
    http.closeAllConnections();
    http.close();
  });

  /** A page that listens; the changes it has heard so far, and whether its stream is over. */
  async function listening(page: string, headers: Record<string, string> = {}) {
    const { port } = http.address() as AddressInfo;
    const answer = await fetch(`http://127.0.0.1:${port}${path(`/changes?page=${page}`)}`, { headers });
    expect(answer.headers.get('content-type')).toBe('text/event-stream');
    const heard: Change[] = [];
    const reader = answer.body?.pipeThrough(new TextDecoderStream()).getReader();
    await reader?.read();
    const next = async () => {
      const { done, value = '' } = (await reader?.read()) ?? { done: true };
      for (const [, data = ''] of value.matchAll(/^data: (.*)$/gm)) heard.push(JSON.parse(data) as Change);
      return !done;
    };
    return { heard, next };
  }

  it('tells other pages what was written, and not what failed, was only tried or only computed', async () => {
    const phone = await listening('phone');
    const wide = await listening('wide');
    await machine.post('/kit').set(PAGE_HEADER, 'wide').send({}).expect(400);
    await machine.post('/kit/import?dryRun=1').send({ csv: 'name\r\n' }).expect(200);
    const { body } = await machine.post('/kit').set(PAGE_HEADER, 'wide').send(TOOL).expect(201);
    await server.api
      .delete(path(`/kit/${body.id}`))
      .set(PAGE_HEADER, 'phone')
      .expect(204);
    await wide.next();
    expect(wide.heard).toEqual([{ resource: 'kit', id: body.id, version: expect.any(Number) }]);
    while (phone.heard.length === 0) await phone.next();
    expect(phone.heard).toEqual([{ resource: 'kit', version: expect.any(Number) }]);
    expect(Number(wide.heard[0]?.version)).toBeGreaterThan(Number(phone.heard[0]?.version));
  });

  it('ends with the session it belongs to', async () => {
    const { id, as } = await pairedDevice();
    const phone = await listening('phone', as);
    await server.api.delete(path(`/access/devices/${id}`)).expect(204);
    while (await phone.next());
    expect(phone.heard.every(({ resource }) => resource === 'access')).toBe(true);
  });
});
