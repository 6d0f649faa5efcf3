import {
  messageSchema,
  type Message,
  type MessageInput,
  type MessageListQuery,
} from '@round-mint/contract/outbox';
import { and, eq, inArray, isNull, sql } from 'drizzle-orm';
import { join } from 'node:path';
import type { Database } from '../db/database';
import { messagePhotos, messages, orderEvents, photos } from '../db/schema';
import { mailFile } from '../devices/mail-file';
import { makePrivateFolder, writeWhole } from '../files/private-files';
import { HttpError, notFound } from '../http/errors';
import { listClauses, page, pageRows, type ListColumns } from './list';
import { logOrderEvents } from './orders';
import { cleanJpeg } from './jpeg';
import { isoTime } from './resource';
import { createResources } from './resources';
import { readSettings } from './settings';

/** Ids of the pictures that went with a letter, in their order. */
const PHOTO_IDS = sql<unknown>`(
  select coalesce(jsonb_agg(${messagePhotos.photoId} order by ${messagePhotos.position}), '[]'::jsonb)
  from ${messagePhotos} where ${messagePhotos.messageId} = ${messages.id}
)`;

/** What is shown of a letter: all but its mail file. */
export const SHOWN_OF_MESSAGE = {
  id: messages.id,
  at: messages.at,
  kind: messages.kind,
  personId: messages.personId,
  orderId: messages.orderId,
  toName: messages.toName,
  toAddress: messages.toAddress,
  subject: messages.subject,
  text: messages.text,
  photoIds: PHOTO_IDS,
};

const COLUMNS: ListColumns = {
  id: messages.id,
  search: [messages.subject, messages.toName, messages.text],
  sort: { at: messages.at, subject: messages.subject, toName: messages.toName },
  defaultSort: '-at',
};

export function messageOf(row: { readonly at: string }): Message {
  return messageSchema.parse({ ...row, at: isoTime(row.at) });
}

/** Notes which pictures went with a letter. */
export async function attachPhotos(
  tx: Database,
  messageId: string,
  photoIds: readonly string[],
): Promise<void> {
  if (photoIds.length === 0) return;
  await tx
    .insert(messagePhotos)
    .values(photoIds.map((photoId, position) => ({ messageId, photoId, position })))
    .onConflictDoNothing();
}

/** Letters, latest first. */
export async function listMessages(db: Database, { orderId, ...query }: MessageListQuery) {
  const asked = listClauses(query, COLUMNS);
  const ofOrder = orderId === undefined ? undefined : eq(messages.orderId, orderId);
  const clauses = { ...asked, where: and(asked.where, ofOrder) };
  const rows = await pageRows(db.select(SHOWN_OF_MESSAGE).from(messages).$dynamic(), clauses);
  return page(rows.map(messageOf), clauses);
}

export async function getMessage(db: Database, id: string): Promise<Message> {
  const [row] = await db.select(SHOWN_OF_MESSAGE).from(messages).where(eq(messages.id, id));
  if (!row) throw notFound('letter');
  return messageOf(row);
}

export async function messageFile(db: Database, id: string): Promise<Buffer> {
  const [row] = await db.select({ eml: messages.eml }).from(messages).where(eq(messages.id, id));
  if (!row) throw notFound('letter');
  return Buffer.from(row.eml);
}

async function pictures(tx: Database, photoIds: readonly string[]) {
  if (photoIds.length === 0) return [];
  const rows = await tx
    .select({ id: photos.id, jpeg: photos.jpeg })
    .from(photos)
    .where(and(inArray(photos.id, [...photoIds]), isNull(photos.archivedAt)));
  if (rows.length !== photoIds.length) throw notFound('picture');
  return rows.map(({ jpeg }, i) => ({ name: `ring-${i + 1}.jpg`, jpeg }));
}

/** Pictures that came with the letter itself, with nothing in them but what is seen. */
function computed(files: MessageInput['computedPictures'] = []) {
  return files.map((base64, i) => ({
    name: `computed-${i + 1}.jpg`,
    jpeg: cleanJpeg(Buffer.from(base64, 'base64')).jpeg,
  }));
}

/** What a letter does to its order: a quote is quoted, a question waits for its answer. */
async function moveOrder(tx: Database, { id, kind, orderId }: MessageInput, at: string): Promise<void> {
  if (orderId === null || (kind !== 'quote' && kind !== 'approval')) return;
  const [known] = await tx.select().from(orderEvents).where(eq(orderEvents.id, id));
  if (known) return;
  const body =
    kind === 'quote'
      ? ({ kind: 'moved', to: 'quoted', why: 'the quote lies in the outbox' } as const)
      : ({ kind: 'approval-asked', messageId: id } as const);
  await logOrderEvents(tx, orderId, [{ id, at, body }]);
}

function fileName({ id, at, kind }: { readonly id: string; readonly at: string; readonly kind: string }) {
  return `${isoTime(at).slice(0, 10)}-${kind}-${id}.eml`;
}

/** Writes a letter and keeps it with its mail file. */
async function keepMessage(tx: Database, input: MessageInput) {
  const { id, kind, personId, orderId, subject, text, photoIds, computedPictures } = input;
  const ofPlan = computed(computedPictures);
  const person = await createResources(tx).people.get(personId);
  if (person.email === '') {
    throw new HttpError('no-address', `${person.name} has no e-mail address: enter one under People.`);
  }
  const { workshopName } = await readSettings(tx);
  const at = new Date().toISOString();
  const to = { toName: person.name, toAddress: person.email };
  const mail = { id, at, fromName: workshopName, ...to, subject, text };
  const eml = await mailFile({ ...mail, pictures: [...(await pictures(tx, photoIds)), ...ofPlan] });
  await tx.insert(messages).values({ id, at, kind, personId, orderId, ...to, subject, text, eml });
  await attachPhotos(tx, id, photoIds);
  await moveOrder(tx, input, at);
  return { id, at, kind, eml };
}

/**
 * Puts a letter into the outbox: kept, its order moved on, its mail file laid down, or nothing at all. Only when the file
 * lies there is it said to. Sent twice, it is one.
 * @param folder where mail files are laid down beside the database; undefined for none
 */
export async function postMessage(
  db: Database,
  input: MessageInput,
  folder: string | undefined,
): Promise<Message> {
  await db.transaction(async (tx) => {
    const [known] = await tx
      .select({ id: messages.id, at: messages.at, kind: messages.kind, eml: messages.eml })
      .from(messages)
      .where(eq(messages.id, input.id));
    const kept = known ?? (await keepMessage(tx, input));
    // Last, so that a letter that could not be kept leaves no file; a repeat mends a file that is missing.
    if (folder) {
      await makePrivateFolder(folder);
      await writeWhole(join(folder, fileName(kept)), kept.eml);
    }
  });
  return getMessage(db, input.id);
}
