import type { Photo } from '@round-mint/contract/photos';
import { Image, View } from 'react-native';
import { useArchive } from '@/features/shared/screen/use-archive';
import { photos as photoCalls } from '@round-mint/contract/endpoints-bench';
import { momentOf } from '@/features/shared/words/dates';
import { addressOf } from '@/store/call';
import { useListPhotosQuery, useRemovePhotoMutation } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { pairOf } from './photo-model';

const WORDS = { before: 'before', during: 'on the way', after: 'after' } as const;

/** Where a picture is: one that waits for the server lies in the browser. */
function usePicture(id: string): string {
  const unsent = useAppSelector((state) => state.unsentThings.things.find((thing) => thing.id === id));
  const base64 = unsent?.body['jpegBase64'];
  return typeof base64 === 'string' ? `data:image/jpeg;base64,${base64}` : addressOf(photoCalls.file, { id });
}

function Picture({ photo, widthPx }: { photo: Photo; widthPx: number | `${number}%` }) {
  const [remove] = useRemovePhotoMutation();
  const archive = useArchive('photo', remove);
  const uri = usePicture(photo.id);
  const taken = momentOf(photo.at);
  return (
    <View role="listitem" style={{ width: widthPx }}>
      <Image
        source={{ uri }}
        accessibilityLabel={`The ring ${WORDS[photo.part]}, ${taken}`}
        style={{ width: '100%', aspectRatio: photo.widthPx / photo.heightPx }}
        resizeMode="cover"
      />
      <View className="flex-row items-center justify-between">
        <Type as="small">{`${WORDS[photo.part]} · ${taken}`}</Type>
        <TextButton
          label="Archive"
          describe={`Archive the photo ${WORDS[photo.part]}, ${taken}`}
          onPress={() => void archive({ id: photo.id, name: 'The photo' })}
        />
      </View>
    </View>
  );
}

/** A ring's pictures along its history; before and after stand side by side first. */
export function PhotoStrip({ ringId }: { ringId: string }) {
  const photos = useListPhotosQuery(ringId).data ?? [];
  if (photos.length === 0) return null;
  const pair = pairOf(photos);
  const rest = photos.filter((photo) => !pair?.includes(photo));
  return (
    <View className="gap-2" testID="photos">
      {pair ? (
        <View role="list" aria-label="Before and after" className="flex-row justify-between">
          {pair.map((photo) => (
            <Picture key={photo.id} photo={photo} widthPx="49%" />
          ))}
        </View>
      ) : null}
      {rest.length > 0 ? (
        <View role="list" aria-label="Photos" className="flex-row flex-wrap justify-between">
          {rest.map((photo) => (
            <Picture key={photo.id} photo={photo} widthPx="49%" />
          ))}
        </View>
      ) : null}
    </View>
  );
}
