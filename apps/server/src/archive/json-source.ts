import type { Archive } from '@round-mint/contract/archive';
import type { ArchivePart } from '@round-mint/contract/archive-zip';
import { HttpError } from '../http/errors';
import { apartByMicros } from '../services/event-clock';
import type { ArchiveSource } from './archive-source';
import type { Line } from './archive-table';

type Item = Line['item'];

/** Events as they stand, which is their order, though many were told at one moment. */
function inOrder<T extends Item & { readonly at: string }>(
  events: readonly T[],
  ownerOf: (event: T) => string,
) {
  const clocks = new Map<string, ReturnType<typeof apartByMicros>>();
  return events.map((event) => {
    const clock = clocks.get(ownerOf(event)) ?? apartByMicros();
    clocks.set(ownerOf(event), clock);
    return { ...event, at: clock(event.at) };
  });
}

/** Things of an archive of format 1, which has no lines but lists, and its files within them. */
function itemsOf(archive: Archive, part: ArchivePart): readonly Item[] {
  switch (part) {
    case 'settings':
      return [{ id: 1, data: archive.settings }];
    case 'dayPlan':
      return archive.dayPlan ? [{ id: 1, data: archive.dayPlan }] : [];
    case 'stockCounts':
      // They came with format 2.
      return [];
    case 'photos':
      return archive.photos.map(({ jpegBase64: _file, ...photo }) => photo);
    case 'faces':
      return archive.faces.map(({ jpegBase64: _file, ...face }) => face);
    case 'messages':
      return archive.messages.map(({ emlBase64: _file, ...message }) => message);
    case 'events':
      return inOrder(archive.events, ({ ringId }) => ringId);
    case 'orderEvents':
      return inOrder(archive.orderEvents, ({ orderId }) => orderId);
    default:
      return archive[part];
  }
}

/** An archive of format 1, which came as one JSON text. */
export function jsonSource(archive: Archive): ArchiveSource {
  const files = new Map([
    ...[...archive.photos, ...archive.faces].map(({ id, jpegBase64 }) => [id, jpegBase64] as const),
    ...archive.messages.map(({ id, emlBase64 }) => [id, emlBase64] as const),
  ]);
  return {
    counts: undefined,
    async *lines(part) {
      for (const item of itemsOf(archive, part)) yield { archivedAt: null, item };
    },
    async file({ part }, id) {
      const base64 = files.get(id);
      if (base64 === undefined)
        throw new HttpError('invalid', `The file of one of the ${part} is missing.`, []);
      return Buffer.from(base64, 'base64');
    },
    close: () => undefined,
  };
}
