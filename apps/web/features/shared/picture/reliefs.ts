import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { NO_RELIEF, type Relief } from '@round-mint/core/ring-picture';
import { useEffect, useState } from 'react';
import { startJob } from '@/workers/start-job';
import { faceIdOf, otherFace } from './face-choice';
import { facePixels, rememberLast } from './face-pixels';

/** A megabyte each: those of the pieces that were looked at last are kept. */
const wholes = rememberLast<Relief>(8);
/** From pictures of half the width, for a first look. */
const looks = rememberLast<Relief>(8);
/** A picture that is shown so large is kept at half the width, px. */
const LOOK_PX = 256;

async function reliefFrom(faceId: string, shownPx?: number): Promise<Relief> {
  return startJob('relief', await facePixels(faceId, { shownPx }), () => undefined).answer;
}

export interface Reliefs {
  readonly outside: Relief;
  readonly inside: Relief;
  /** From a smaller picture and without the inside: the whole ones follow. */
  readonly isFirstLook?: boolean | undefined;
}

/** How high a face stands; where its picture is missing or cannot be read nothing is known, and it is drawn plain. */
async function reliefOrNone(faceId: string | undefined): Promise<Relief> {
  if (faceId === undefined) return NO_RELIEF;
  return wholes.of(faceId, () => reliefFrom(faceId)).catch(() => NO_RELIEF);
}

async function bothReliefs(outsideId: string | undefined, insideId: string | undefined): Promise<Reliefs> {
  const [outside, inside] = await Promise.all([reliefOrNone(outsideId), reliefOrNone(insideId)]);
  return { outside, inside };
}

/** Both reliefs of a piece; plain where there is no picture of a face, or it cannot be read. */
export async function reliefsOf(piece: CoinStock, outside: PieceFace): Promise<Reliefs> {
  return bothReliefs(faceIdOf(piece, outside), faceIdOf(piece, otherFace(outside)));
}

/** What a first look at a ring shows: its outside from the smaller picture, unless the whole one is known. */
async function firstLook(outsideId: string | undefined): Promise<Reliefs> {
  const isSmall = outsideId !== undefined && !wholes.has(outsideId);
  const look = isSmall ? looks.of(outsideId, () => reliefFrom(outsideId, LOOK_PX)) : reliefOrNone(outsideId);
  return { outside: await look.catch(() => NO_RELIEF), inside: NO_RELIEF, isFirstLook: true };
}

/**
 * Both reliefs of a piece as its ring will have them; undefined while the outside is fetched. Unless both are known, a
 * first look comes before, and then both at once: each time the ring is drawn anew.
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
    const ask = async () => {
      if ([outsideId, insideId].some((id) => id !== undefined && !wholes.has(id))) {
        tell(await firstLook(outsideId));
      }
      tell(await bothReliefs(outsideId, insideId));
    };
    void ask();
    return () => {
      over = true;
    };
  }, [outsideId, insideId, key]);
  return known?.key === key ? known.reliefs : undefined;
}
