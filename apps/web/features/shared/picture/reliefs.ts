import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { NO_RELIEF, type Relief } from '@round-mint/core/ring-picture';
import { useEffect, useState } from 'react';
import { startJob } from '@/workers/start-job';
import { faceIdOf, otherFace } from './face-choice';
import { facePixels, rememberLast } from './face-pixels';

/** A megabyte each: those of the pieces that were looked at last are kept. */
const remember = rememberLast<Relief>(8);

/**
 * How high a face stands, from its picture; asked again it is known.
 * @param kept the smaller picture is enough, for a first look
 */
function reliefOfFace(faceId: string, kept?: '512'): Promise<Relief> {
  return remember(
    `${faceId} ${kept ?? ''}`,
    async () => startJob('relief', await facePixels(faceId, { kept }), () => undefined).answer,
  );
}

export interface Reliefs {
  readonly outside: Relief;
  readonly inside: Relief;
  /** From the smaller picture: the whole one follows. */
  readonly isFirstLook?: boolean | undefined;
}

/** What is known of a face whose picture is missing or cannot be read: nothing, so that it is drawn plain. */
async function reliefOrNone(faceId: string | undefined, kept?: '512'): Promise<Relief> {
  if (faceId === undefined) return NO_RELIEF;
  return reliefOfFace(faceId, kept).catch(() => NO_RELIEF);
}

/** Both reliefs of a piece; plain where there is no picture of a face, or it cannot be read. */
export async function reliefsOf(piece: CoinStock, outside: PieceFace): Promise<Reliefs> {
  return {
    outside: await reliefOrNone(faceIdOf(piece, outside)),
    inside: await reliefOrNone(faceIdOf(piece, otherFace(outside))),
  };
}

/**
 * Both reliefs of a piece as its ring will have them; undefined while the outside is fetched. A first look comes from
 * the outside's smaller picture, then the whole one, and the inside last: what is seen first comes first.
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
      if (outsideId !== undefined) {
        const look = await reliefOrNone(outsideId, '512');
        tell({ outside: look, inside: NO_RELIEF, isFirstLook: true });
      }
      const whole = await reliefOrNone(outsideId);
      tell({ outside: whole, inside: NO_RELIEF });
      if (insideId !== undefined) tell({ outside: whole, inside: await reliefOrNone(insideId) });
    };
    void ask();
    return () => {
      over = true;
    };
  }, [outsideId, insideId, key]);
  return known?.key === key ? known.reliefs : undefined;
}
