import { orderListSchema, orderSchema, type Order } from '@round-mint/contract/orders';
import { messageListSchema, type MessageInput } from '@round-mint/contract/outbox';
import { randomUUID } from 'node:crypto';
import { mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoId } from '../demo/demo-id';
import { cleanJpeg } from '../services/jpeg';
import { smallJpeg } from '../testing/small-jpeg';
import { demoServer, eventOf, path } from '../testing/test-server';

let server: Awaited<ReturnType<typeof demoServer>>;
let outboxDir: string;
beforeAll(async () => {
  outboxDir = await mkdtemp(join(tmpdir(), 'round-mint-outbox-'));
  server = await demoServer(outboxDir);
});
afterAll(async () => {
  await server.close();
  await rm(outboxDir, { recursive: true, force: true });
});

async function orderNamed(name: string): Promise<Order> {
  const { items } = orderListSchema.parse((await server.api.get(path('/orders')).expect(200)).body);
  const found = items.find((order) => order.name === name);
  if (!found) throw new Error(`no order ${name}`);
  return orderSchema.parse((await server.api.get(path(`/orders/${found.id}`)).expect(200)).body);
}

const send = (id: string, ...events: object[]) =>
  server.api.post(path(`/orders/${id}/events`)).send({ events });

/** A letter about an order, without photos. */
function letterAbout(
  { id: orderId, personId }: Order,
  words: Pick<MessageInput, 'kind' | 'subject' | 'text'>,
) {
  return { id: randomUUID(), personId, orderId, photoIds: [], ...words };
}

describe('the outbox', () => {
  it('takes computed pictures along, and refuses what is none', async () => {
    const order = await orderNamed('Ferry crew, no. 3');
    const letter = letterAbout(order, {
      kind: 'other',
      subject: 'Your ring, computed',
      text: 'As it will be.',
    });
    const none = { ...letter, computedPictures: [Buffer.from('no picture').toString('base64')] };
    const { body } = await server.api.post(path('/outbox')).send(none).expect(400);
    expect(body.error.message).toBe('must be a JPEG file in base64');
    const computedPictures = [smallJpeg({ before: [0xe1] })];
    await server.api
      .post(path('/outbox'))
      .send({ ...letter, computedPictures })
      .expect(201);
    const [name] = (await readdir(outboxDir)).filter((file) => file.includes(letter.id));
    const file = await readFile(join(outboxDir, name!), 'utf8');
    expect(file).toContain('filename=computed-1.jpg');
    // Its notes have gone; the picture itself has not.
    expect(file.replaceAll(/\s/g, '')).toContain(
      cleanJpeg(Buffer.from(smallJpeg(), 'base64')).jpeg.toString('base64'),
    );
    await rm(join(outboxDir, name!));
  });

  it('keeps a letter as a mail file, moves its order, and sends nothing twice', async () => {
    const order = await orderNamed('Ferry crew, no. 3');
    const letter = letterAbout(order, {
      kind: 'approval',
      subject: 'Please look at your ring: no. 3 – “night boat”',
      text: 'Is it as you want it?\nRim edge US 9¾',
    });
    await server.api.post(path('/outbox')).send(letter).expect(201);
    await server.api.post(path('/outbox')).send(letter).expect(201);
    expect(await orderNamed('Ferry crew, no. 3')).toMatchObject({
      state: 'awaiting-approval',
      approval: 'asked',
    });
    const { items } = messageListSchema.parse(
      (await server.api.get(path('/outbox?q=night')).expect(200)).body,
    );
    expect(items).toMatchObject([{ id: letter.id, toName: 'Mirel Oss' }]);
    const files = await readdir(outboxDir);
    expect(files).toHaveLength(1);
    const file = await readFile(join(outboxDir, files[0]!), 'utf8');
    expect(file).toMatch(/^To: Mirel Oss <mirel\.oss@ferry\.example>\r$/m);
    const served = await server.api
      .get(path(`/outbox/${letter.id}/message.eml`))
      .buffer(true)
      .parse((response, done) => {
        let text = '';
        response.on('data', (data: Buffer) => (text += data.toString()));
        response.on('end', () => done(null, text));
      });
    expect(served.headers['content-type']).toContain('message/rfc822');
    expect(served.body).toBe(file);
    expect(file).toMatch(/^Date: [A-Z][a-z]{2}, \d{2} [A-Z][a-z]{2} \d{4} \d{2}:\d{2}:\d{2} \+0000\r$/m);
    // A file that was lost is laid down again when the letter is sent once more.
    await rm(join(outboxDir, files[0]!));
    await server.api.post(path('/outbox')).send(letter).expect(201);
    expect(await readdir(outboxDir)).toEqual(files);
  });

  it('says that a letter is kept only when its mail file is', async () => {
    const blocked = join(outboxDir, 'no-folder');
    await writeFile(blocked, '');
    const own = await demoServer(blocked);
    const log = console.error;
    console.error = () => undefined;
    try {
      const { items: people } = (await own.api.get(path('/people?q=Mirel'))).body;
      const letter = { kind: 'other', personId: people[0].id, orderId: null, photoIds: [] };
      await own.api
        .post(path('/outbox'))
        .send({ ...letter, id: randomUUID(), subject: 'Lost', text: 'Lost' })
        .expect(500);
      expect((await own.api.get(path('/outbox?q=Lost'))).body.items).toEqual([]);
    } finally {
      console.error = log;
      await own.close();
      await rm(blocked);
    }
  });

  it('lists letters as every list: latest first, page by page, signs taken literally', async () => {
    const { personId } = await orderNamed('Ferry crew, no. 3');
    const letter = { id: randomUUID(), kind: 'other', personId, orderId: null, photoIds: [] };
    await server.api
      .post(path('/outbox'))
      .send({ ...letter, subject: 'Half price', text: 'Your coupon: 50% off' })
      .expect(201);
    const listed = async (query: string) =>
      messageListSchema.parse((await server.api.get(path(`/outbox?${query}`)).expect(200)).body);
    const first = await listed('limit=1');
    expect(first.items).toMatchObject([{ id: letter.id }]);
    const second = await listed(`limit=1&cursor=${first.nextCursor}`);
    expect(second.items).toMatchObject([{ subject: 'Please look at your ring: no. 3 – “night boat”' }]);
    expect((await listed('')).nextCursor).toBeNull();
    expect((await listed('sort=at')).items.map(({ id }) => id).at(-1)).toBe(letter.id);
    expect((await listed('q=%25')).items.map(({ id }) => id)).toEqual([letter.id]);
    await server.api.get(path('/outbox?sort=text')).expect(400);
  });

  it('takes the answer, and lets the ring go on', async () => {
    const { id } = await orderNamed('Ferry crew, no. 3');
    await send(
      id,
      eventOf({ kind: 'approval-answered', yes: false, words: 'a little wider', by: 'mail' }),
    ).expect(200);
    expect((await orderNamed('Ferry crew, no. 3')).state).toBe('in-work');
    await send(id, eventOf({ kind: 'approval-answered', yes: true, words: 'fine', by: 'told' })).expect(200);
    expect(await orderNamed('Ferry crew, no. 3')).toMatchObject({ state: 'finishing', approval: 'yes' });
  });

  it('says who has no address, and keeps nothing of a letter that cannot go', async () => {
    const person = (
      await server.api
        .post(path('/people'))
        .send({ name: 'Nobody', email: '', phone: '', address: '', notes: '', fingers: [] })
        .expect(201)
    ).body;
    const letter = {
      id: randomUUID(),
      kind: 'other',
      personId: person.id,
      orderId: null,
      subject: 'Hello',
      text: 'Hello',
      photoIds: [],
    };
    const { body } = await server.api.post(path('/outbox')).send(letter).expect(409);
    expect(body.error.message).toContain('no e-mail address');
    await server.api.get(path(`/outbox/${letter.id}`)).expect(404);
    await server.api
      .post(path('/outbox'))
      .send({ ...letter, personId: demoId('person', 0), photoIds: [randomUUID()] })
      .expect(404);
  });
});
