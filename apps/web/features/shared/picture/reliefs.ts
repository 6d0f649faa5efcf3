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
  /** From the smaller picture: the whole one follows. */
  readonly isFirstLook?: boolean | undefined;
}

/** How high a face stands; where its picture is missing or cannot be read nothing is known, and it is drawn plain. */
async function reliefOrNone(faceId: string | undefined): Promise<Relief> {
  if (faceId === undefined) return NO_RELIEF;
  return wholes.of(faceId, () => reliefFrom(faceId)).catch(() => NO_RELIEF);
}

/** Both reliefs of a piece; plain where there is no picture of a face, or it cannot be read. */
export async function reliefsOf(piece: CoinStock, outside: PieceFace): Promise<Reliefs> {
  return {
    outside: await reliefOrNone(faceIdOf(piece, outside)),
    inside: await reliefOrNone(faceIdOf(piece, otherFace(outside))),
  };
}

/**
 * Both reliefs of a piece as its ring will have them; undefined while the outside is fetched. Unless it is known, a
 * first look comes from the outside's smaller picture, then the whole one, and the inside last: what is seen first comes
 * first.
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
      if (outsideId !== undefined && !wholes.has(outsideId)) {
        const look = await looks.of(outsideId, () => reliefFrom(outsideId, LOOK_PX)).catch(() => NO_RELIEF);
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
