import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';

/** A number of a plan; its name short enough for a narrow column, since the sheet that opens has the full one. */
export interface Figure<K extends string> {
  readonly key: K;
  readonly label: string;
  readonly value: string;
}

interface FiguresProps<K extends string> {
  figures: readonly Figure<K>[];
  onAsk: (key: K) => void;
}

/** The plan's numbers in two columns; each is a button that explains itself. */
export function Figures<K extends string>({ figures, onAsk }: FiguresProps<K>) {
  return (
    <View role="list" aria-label="Figures of the ring" className="flex-row flex-wrap">
      {figures.map(({ key, label, value }) => (
        <View key={key} role="listitem" className="w-1/2 border-b border-line pr-3">
          <Pressable
            role="button"
            aria-label={`${label}: ${value}. Why?`}
            onPress={() => onAsk(key)}
            testID={`figure-${key}`}
            className="min-h-[52px] justify-center py-1 active:opacity-70"
          >
            <Type as="small" className="underline decoration-dotted">
              {label}
            </Type>
            <Type as="strong">{value}</Type>
          </Pressable>
        </View>
      ))}
    </View>
  );
}
