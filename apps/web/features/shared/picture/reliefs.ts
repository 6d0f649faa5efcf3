import { faces } from '@round-mint/contract/endpoints-workshop';
import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { NO_RELIEF, type Relief } from '@round-mint/core/ring-picture';
import { useEffect, useState } from 'react';
import { addressOf } from '@/store/call';
import { readPixels } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import { faceIdOf, otherFace } from './face-choice';

/** A megabyte each: those of the pieces that were looked at last are kept. */
const MOST_KEPT = 8;
const kept = new Map<string, Promise<Relief>>();

async function fetchRelief(faceId: string): Promise<Relief> {
  const answer = await fetch(new Request(addressOf(faces.file, { id: faceId })));
  if (!answer.ok) throw new Error('the picture of the face is not there');
  const face = await readPixels(await answer.blob());
  return startJob('relief', face, () => undefined).answer;
}

/** How high a face stands, from its picture; asked again it is known. */
export function reliefOfFace(faceId: string): Promise<Relief> {
  const known = kept.get(faceId);
  if (known) return known;
  const found = fetchRelief(faceId);
  kept.set(faceId, found);
  // What failed may do better the next time.
  found.catch(() => kept.delete(faceId));
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  return found;
}

export interface Reliefs {
  readonly outside: Relief;
  readonly inside: Relief;
}

/** What is known of a face whose picture is missing or cannot be read: nothing, so that it is drawn plain. */
async function reliefOrNone(faceId: string | undefined): Promise<Relief> {
  if (faceId === undefined) return NO_RELIEF;
  return reliefOfFace(faceId).catch(() => NO_RELIEF);
}

/** Both reliefs of a piece; plain where there is no picture of a face, or it cannot be read. */
export async function reliefsOf(piece: CoinStock, outside: PieceFace): Promise<Reliefs> {
  return {
    outside: await reliefOrNone(faceIdOf(piece, outside)),
    inside: await reliefOrNone(faceIdOf(piece, otherFace(outside))),
  };
}

/**
 * Both reliefs of a piece as its ring will have them; undefined while the outside is fetched. The inside follows: one
 * worker does both, and what is seen first comes first.
 */
export function useReliefs(piece: CoinStock, outside: PieceFace): Reliefs | undefined {
  const outsideId = faceIdOf(piece, outside);
  const insideId = faceIdOf(piece, otherFace(outside));
  const key = `${outsideId ?? ''} ${insideId ?? ''}`;
  const [known, setKnown] = useState<{ readonly key: string; readonly reliefs: Reliefs }>();
  useEffect(() => {
    let over = false;
    const tell = (reliefs: Reliefs) => {
      if (!over) setKnown({ key, reliefs });
    };
    void reliefOrNone(outsideId).then(async (first) => {
      tell({ outside: first, inside: NO_RELIEF });
      if (insideId !== undefined) tell({ outside: first, inside: await reliefOrNone(insideId) });
    });
    return () => {
      over = true;
    };
  }, [outsideId, insideId, key]);
  return known?.key === key ? known.reliefs : undefined;
}
