import type { CoinRingInput } from '@round-mint/core/forming';
import { kitOrReference } from '@round-mint/core/kit';
import type { Finish } from '@round-mint/core/steps';
import { useEffect, useMemo, useState } from 'react';
import { Image, View } from 'react-native';
import { useListKitQuery } from '@/store/api';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useCoins } from '@/store/use-coins';
import type { HandleWork } from '@round-mint/core/work';
import { usePiece } from '@/store/use-stock';
import type { PicturedRing } from './pictured-ring';
import { hasOutsidePicture, pictureName, plannedPicture } from './planned-picture';

const SIZE = { width: 92, height: 70 } as const;
/** As large as it is drawn. */
const LARGE = { width: 184, height: 140 } as const;

/** What is to be drawn: the same under the same name. Worked out once its row stands. */
interface Wanted {
  readonly name: string;
  readonly pictured: () => PicturedRing | undefined;
}

/** The address of a small picture, worked out once its row stands. */
function useSmallPicture(wanted: Wanted): string | undefined {
  const [drawn, setDrawn] = useState<{ readonly name: string; readonly address: string }>();
  useEffect(() => {
    const { name, pictured } = wanted;
    let isOver = false;
    let end: (() => void) | undefined;
    const ask = async () => {
      // Pictures come in a file of their own: a list opens without them.
      const { smallPicture } = await import('./small-pictures');
      const picture = isOver ? undefined : pictured();
      if (picture) end = smallPicture(name, picture, (address) => !isOver && setDrawn({ name, address }));
    };
    void ask();
    return () => {
      isOver = true;
      end?.();
    };
  }, [wanted]);
  return drawn?.name === wanted.name ? drawn.address : undefined;
}

function Thumb({ wanted, size }: { wanted: Wanted; size: typeof SIZE | typeof LARGE }) {
  const address = useSmallPicture(wanted);
  return (
    <View style={size} aria-hidden testID="ring-thumb">
      {address === undefined ? null : <Image source={{ uri: address }} style={size} />}
    </View>
  );
}

interface RingThumbProps {
  stockId: string;
  wish: Omit<CoinRingInput, 'coin'>;
  finish: Finish;
  /** In a gallery. */
  isLarge?: boolean;
}

/** The ring that comes out of a piece, small, for a row of a list; nothing where its face has no picture. */
export function RingThumb({ stockId, wish, finish, isLarge = false }: RingThumbProps) {
  const piece = useCoins().data?.find(({ id }) => id === stockId);
  const tools = useListKitQuery().data;
  const traits = useBenchTraits();
  const name = piece && hasOutsidePicture(piece) ? pictureName(piece, wish, finish) : undefined;
  // Rows are written again at every touch of the list; the picture is another one only under another name.
  const wanted = useMemo(
    () =>
      piece && tools && name !== undefined
        ? {
            name,
            pictured: () => plannedPicture(piece, wish, { kit: kitOrReference(tools), traits, finish }),
          }
        : undefined,
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the name tells all the rest apart
    [name, tools, traits],
  );
  return wanted ? <Thumb wanted={wanted} size={isLarge ? LARGE : SIZE} /> : null;
}

interface HandleThumbProps {
  stockId: string;
  work: HandleWork;
  targetInsideDiameterMm: number;
  finish: Finish;
}

/** The ring that comes out of a handle, small; nothing where it has no picture. */
export function HandleThumb({ stockId, work, targetInsideDiameterMm, finish }: HandleThumbProps) {
  const piece = usePiece(stockId).data;
  const handle = piece?.kind === 'handle' && piece.topFaceId ? piece : undefined;
  const name = handle && JSON.stringify([handle.id, handle.topFaceId, work, targetInsideDiameterMm, finish]);
  const wanted = useMemo(
    (): Wanted | undefined =>
      handle && name !== undefined
        ? {
            name,
            pictured: () => ({
              kind: 'handle',
              handle: { piece: handle, work, targetInsideDiameterMm, finish },
            }),
          }
        : undefined,
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the name tells all the rest apart
    [name],
  );
  return wanted ? <Thumb wanted={wanted} size={SIZE} /> : null;
}
