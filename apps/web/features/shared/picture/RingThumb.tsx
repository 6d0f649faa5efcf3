import type { CoinStock } from '@round-mint/contract/stock';
import type { CoinRingInput } from '@round-mint/core/forming';
import { useEffect, useMemo, useState } from 'react';
import { Image, View } from 'react-native';
import { hasOutsidePicture, pictureName, plannedPicture, type PictureBench } from './planned-picture';

interface RingThumbProps {
  piece: CoinStock;
  wish: Omit<CoinRingInput, 'coin'>;
  bench: PictureBench;
}

const SIZE = { width: 92, height: 70 } as const;

/** What is to be drawn, and where it is once it is. */
interface Wanted extends RingThumbProps {
  readonly name: string;
}

/** The address of a small picture, worked out once its row stands. */
function useSmallPicture(wanted: Wanted): string | undefined {
  const [drawn, setDrawn] = useState<{ readonly name: string; readonly address: string }>();
  useEffect(() => {
    const { name, piece, wish, bench } = wanted;
    let isOver = false;
    let end: (() => void) | undefined;
    const ask = async () => {
      // Pictures come in a file of their own: a list opens without them.
      const { smallPicture } = await import('./small-pictures');
      const picture = isOver ? undefined : plannedPicture(piece, wish, bench);
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

function Thumb({ wanted }: { wanted: Wanted }) {
  const address = useSmallPicture(wanted);
  return (
    <View style={SIZE} aria-hidden testID="ring-thumb">
      {address === undefined ? null : <Image source={{ uri: address }} style={SIZE} />}
    </View>
  );
}

/** The ring that comes out, small, for a row of a list; nothing where its face has no picture. */
export function RingThumb({ piece, wish, bench }: RingThumbProps) {
  const name = pictureName(piece, wish, bench.finish);
  // Rows are written again at every touch of the list; the picture is another one only under another name.
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the name tells all of it apart
  const wanted = useMemo(() => ({ name, piece, wish, bench }), [name]);
  return hasOutsidePicture(piece) ? <Thumb wanted={wanted} /> : null;
}
