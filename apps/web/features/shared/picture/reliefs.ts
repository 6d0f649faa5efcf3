import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { NO_RELIEF, type Relief } from '@round-mint/core/ring-picture';
import { useEffect, useState } from 'react';
import { startJob } from '@/workers/start-job';
import { faceIdOf, otherFace } from './face-choice';
import { facePixels, rememberLast } from './face-pixels';

/** A megabyte each: those of the pieces that were looked at last are kept. */
const remember = rememberLast<Relief>(8);

/** How high a face stands, from its picture; asked again it is known. */
export function reliefOfFace(faceId: string): Promise<Relief> {
  return remember(faceId, async () => startJob('relief', await facePixels(faceId), () => undefined).answer);
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
