import { faces } from '@round-mint/contract/endpoints-workshop';
import type { HandleOutline } from '@round-mint/contract/stock-faces';
import type { StockItem } from '@round-mint/contract/stock';
import { NO_RELIEF, type Relief } from '@round-mint/core/ring-picture';
import { useEffect, useState } from 'react';
import { addressOf } from '@/store/call';
import { startJob } from '@/workers/start-job';
import { facePixels, rememberLast } from './face-pixels';

export type HandleStock = Extract<StockItem, { kind: 'handle' }>;

/** What is known of a handle's picture. */
export interface HandleRelief {
  readonly relief: Relief;
  /** How high its picture is, of its length. */
  readonly heightShare: number;
  readonly address: string | undefined;
}

/** Until there is a picture, as wide a strip as any handle. */
const PLAIN: HandleRelief = { relief: NO_RELIEF, heightShare: 0.25, address: undefined };
/** Finer than it is drawn. */
const LONGEST_PX = 1024;

/** A megabyte each. */
const known = rememberLast<HandleRelief>(4);

function reliefOfPicture(faceId: string, outline: HandleOutline): Promise<HandleRelief> {
  return known.of(`${faceId} ${JSON.stringify(outline)}`, async () => {
    const { widthPx, heightPx, rgba } = await facePixels(faceId, { longestPx: LONGEST_PX });
    const question = { image: { widthPx, heightPx, rgba }, outline };
    const relief = await startJob('stripRelief', question, () => undefined).answer;
    return { relief, heightShare: heightPx / widthPx, address: addressOf(faces.file, { id: faceId }) };
  });
}

/** The relief of a handle's pattern; plain where there is no picture of it, or it cannot be read. */
export function reliefOfHandle({ topFaceId, topOutline }: HandleStock): Promise<HandleRelief> {
  return topFaceId && topOutline
    ? reliefOfPicture(topFaceId, topOutline).catch(() => PLAIN)
    : Promise.resolve(PLAIN);
}

/** The same for a screen; undefined while it is fetched. */
export function useHandleRelief(piece: HandleStock): HandleRelief | undefined {
  const [known, setKnown] = useState<{ readonly of: HandleStock; readonly relief: HandleRelief }>();
  useEffect(() => {
    let isOver = false;
    void reliefOfHandle(piece).then((relief) => {
      if (!isOver) setKnown({ of: piece, relief });
    });
    return () => {
      isOver = true;
    };
  }, [piece]);
  if (!piece.topFaceId) return PLAIN;
  return known?.of.topFaceId === piece.topFaceId ? known.relief : undefined;
}
