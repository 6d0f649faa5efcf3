import { lazy, Suspense, useContext, useState } from 'react';
import { Image, Pressable, View } from 'react-native';
import { faceAddress } from '@/features/shared/picture/face-address';
import type { HandleStock } from '@/features/shared/picture/handle-relief';
import { LightContext } from '@/theme/light';
import { Type } from '@/ui/Type';

/** Taking a picture needs more than looking at one: it comes in a file of its own. */
const HandleSheet = lazy(() => import('./HandleSheet'));

const HEIGHT_PX = 76;
const FINE_PX = 1000;

/** A handle from above; pressing it opens it. */
export function HandleFace({ piece }: { piece: HandleStock }) {
  const [isOpen, setOpen] = useState(false);
  const light = useContext(LightContext);
  const { topFaceId } = piece;
  return (
    <View>
      <Pressable
        role="button"
        aria-label={
          topFaceId
            ? 'The handle from above: look at it, change it'
            : 'Add a picture of the handle from above'
        }
        onPress={() => setOpen(true)}
        className="min-h-[48px] justify-center gap-1 active:opacity-70"
        testID="handle-face"
      >
        {topFaceId ? (
          <Image
            source={{ uri: faceAddress(topFaceId, FINE_PX) }}
            resizeMode="contain"
            aria-hidden
            style={{ height: HEIGHT_PX, opacity: light === 'torch' ? 0.55 : 1 }}
          />
        ) : null}
        <Type as="small" className={topFaceId ? '' : 'underline'}>
          {topFaceId ? 'from above' : 'add a picture from above'}
        </Type>
      </Pressable>
      {isOpen ? (
        <Suspense fallback={null}>
          <HandleSheet piece={piece} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </View>
  );
}
