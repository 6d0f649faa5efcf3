import { path, testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const PERSON = { email: '', phone: '', address: '', notes: '', fingers: [] };

/** A body as it is on the wire: JSON.stringify would write some of these otherwise. */
function post(body: string, headers: Readonly<Record<string, string>> = {}) {
  return server.api
    .post(path('/people'))
    .set({ 'content-type': 'application/json', ...headers })
    .serialize((text) => text)
    .send(body);
}
const person = (name: string) =>
  `{"name":"${name}","email":"","phone":"","address":"","notes":"","fingers":[]}`;

describe('a request that cannot be kept', () => {
  it.each([
    ['NUL', person('a\\u0000b'), /name holds a sign that is no text/],
    ['half a pair', person('a\\ud800'), /name holds a sign that is no text/],
    ['a field whose name is none', '{"a\\u0000":1}', /name is no text/],
    ['a nest too deep', `${'['.repeat(500)}1${']'.repeat(500)}`, /nests too deep/],
    ['a nest far too deep', `${'['.repeat(100_000)}${']'.repeat(100_000)}`, /nests too deep|JSON/],
  ])('is refused in words: %s', async (_what, body, words) => {
    const answer = await post(body).expect(400);
    expect(answer.body.error).toMatchObject({ code: 'invalid', message: expect.stringMatching(words) });
  });

  it.each([
    ['a charset nobody knows', person('x'), { 'content-type': 'application/json; charset=klingon' }, 415],
    ['an encoding nobody knows', person('x'), { 'content-encoding': 'shorthand' }, 415],
    ['bytes that are not packed as they say', person('x'), { 'content-encoding': 'gzip' }, 400],
  ])('is refused by its head: %s', async (_what, body, headers, status) => {
    await post(body, headers).expect(status);
  });

  it('is refused by its address', async () => {
    await server.api.get(path('/people/%zz')).expect(400);
    await server.api.get(path('/people?q=%00')).expect(400);
    await server.api.get(path('/people?q=a%00b')).expect(400);
  });

  it('is refused where it tells a year that no clock does', async () => {
    const thing = { kind: 'other', metal: 'silver-925', massG: 1, fineness: null, source: 'scale', note: '' };
    const links = { ringId: null, meltedIntoId: null };
    for (const at of ['0000-01-01T00:00:00Z', '9999-12-31T23:59:59Z']) {
      const { body } = await server.api
        .post(path('/scrap'))
        .send({ ...thing, ...links, at })
        .expect(400);
      expect(body.error.message).toMatch(/1900 to 2199/);
    }
  });

  it('is refused where it refers to what is not there', async () => {
    const sizer = { sentOn: '2026-11-28', cost: 1, paid: 0, coupon: 0, couponCode: '', couponUsed: false };
    const { body } = await server.api
      .post(path('/sizers'))
      .send({ ...sizer, guarantee: false, notes: '', personId: '00000000-0000-4000-8000-000000000000' })
      .expect(400);
    expect(body.error.message).toMatch(/not there/);
  });

  it('keeps what is text in any script', async () => {
    const { body } = await server.api
      .post(path('/people'))
      .send({ ...PERSON, name: 'Ånne 🪙 环' })
      .expect(201);
    expect(body.name).toBe('Ånne 🪙 环');
  });
});
