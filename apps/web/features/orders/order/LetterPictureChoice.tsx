import { Image, View } from 'react-native';
import { LabelledChoices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import type { LetterPicture } from './use-letter-picture';

const SIZE = { width: 160, height: 120 } as const;

const GOES = [
  { value: 'goes', label: 'goes along' },
  { value: 'stays', label: 'stays here' },
] as const;

/** The computed ring as the customer will see it, and whether it goes along. */
export function LetterPictureChoice({ picture }: { picture: LetterPicture }) {
  const { address, goes, setGoes } = picture;
  return (
    <View className="flex-row items-center gap-3" testID="letter-picture">
      <View style={SIZE}>
        {address === undefined ? (
          <Type as="small" role="status">
            Drawing the ring …
          </Type>
        ) : (
          <Image
            source={{ uri: address }}
            style={SIZE}
            resizeMode="contain"
            aria-label="The ring as it is computed from the plan"
          />
        )}
      </View>
      <View className="flex-1 gap-1">
        <LabelledChoices
          label="The computed ring"
          choices={GOES}
          value={goes ? 'goes' : 'stays'}
          onChange={(value) => setGoes(value === 'goes')}
        />
      </View>
    </View>
  );
}
