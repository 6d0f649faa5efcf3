import { OPERATIONS, type Identity } from '@round-mint/core/identify';
import Check from 'lucide-react-native/icons/check';
import Question from 'lucide-react-native/icons/circle-question-mark';
import Stop from 'lucide-react-native/icons/x';
import { View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { OPERATION_NAMES } from './identify-model';

const SIGNS = {
  yes: { Icon: Check, colour: 'target', word: 'may be' },
  unsure: { Icon: Question, colour: 'heat', word: 'not known whether it may be' },
  no: { Icon: Stop, colour: 'stop', word: 'must not be' },
} as const;

/** What may be done to the piece: sign and words, never the colour alone. */
export function OperationList({ may }: { may: Identity['may'] }) {
  const palette = usePalette();
  return (
    <View role="list" aria-label="What may be done to it" className="flex-row flex-wrap">
      {OPERATIONS.map((operation) => {
        const { Icon, colour, word } = SIGNS[may[operation]];
        return (
          <View key={operation} role="listitem" className="w-1/2 flex-row items-center gap-2 py-1">
            <Icon size={20} color={palette[colour]} aria-hidden />
            <Type as="label" className="flex-1">{`${word} ${OPERATION_NAMES[operation]}`}</Type>
          </View>
        );
      })}
    </View>
  );
}
