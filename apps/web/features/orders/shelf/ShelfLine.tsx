import { photos } from '@round-mint/contract/endpoints-bench';
import type { RingFigures } from '@round-mint/contract/shelf';
import { Image, Pressable, View } from 'react-native';
import { PlanThumb } from '@/features/shared/picture/PlanThumb';
import { useWriters } from '@/features/shared/settings/use-settings';
import { ringLine } from '@/features/shared/words/shelf-words';
import { addressOf } from '@/store/call';
import { Type } from '@/ui/Type';

/** As large as a computed ring of a list. */
const PICTURE = { width: 92, height: 70 } as const;

function Picture({ ring }: { ring: RingFigures }) {
  const [photoId] = ring.photoIds;
  if (photoId === undefined) return <PlanThumb planId={ring.planId} />;
  return (
    <Image
      source={{ uri: addressOf(photos.file, { id: photoId }) }}
      style={PICTURE}
      resizeMode="cover"
      aria-hidden
    />
  );
}

interface ShelfLineProps {
  ring: RingFigures;
  /** At the right edge: a price. */
  end: string;
  note: string;
  /** How it comes onto the finger that was asked for. */
  fit?: string | undefined;
  describe: string;
  onPress: () => void;
}

/** One ring of the shelf in a list: what it looks like, what it is, what it costs. */
export function ShelfLine({ ring, end, note, fit, describe, onPress }: ShelfLineProps) {
  const write = useWriters();
  return (
    <View className="border-b border-line">
      <Pressable
        role="link"
        aria-label={describe}
        onPress={onPress}
        className="min-h-[86px] flex-row items-center gap-3 py-2 active:opacity-70"
      >
        <View style={PICTURE} className="items-center justify-center">
          <Picture ring={ring} />
        </View>
        <View className="min-w-0 flex-1">
          <View className="flex-row items-start justify-between gap-3">
            <Type as="heading" className="flex-1" numberOfLines={2}>
              {ring.name}
            </Type>
            <Type as="strong">{end}</Type>
          </View>
          <Type as="label">{ringLine(ring, write)}</Type>
          {fit ? <Type as="strong">{fit}</Type> : null}
          <Type as="small">{note}</Type>
        </View>
      </Pressable>
    </View>
  );
}
