import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';
import type { Explanation, FigureKey } from './explain';

interface FiguresProps {
  explanations: Readonly<Record<FigureKey, Explanation>>;
  keys: readonly FigureKey[];
  onAsk: (key: FigureKey) => void;
}

/** Names short enough for a narrow column; the sheet that opens has the full one. */
const SHORT: Readonly<Record<FigureKey, string>> = {
  width: 'Width',
  height: 'Height',
  cutEdge: 'Cut edge',
  rimEdge: 'Rim edge',
  outside: 'Outside ⌀',
  strainCut: 'Cut edge stretch',
  strainRim: 'Rim edge crowding',
  range: 'Can make',
  natural: 'Natural size',
  thickness: 'Works as thick as',
  curl: 'Lost to the curl',
  slug: 'Slug',
  anneals: 'Anneals',
};

/** The plan's numbers in two columns; each is a button that explains itself. */
export function Figures({ explanations, keys, onAsk }: FiguresProps) {
  return (
    <View role="list" aria-label="Figures of the ring" className="flex-row flex-wrap">
      {keys.map((key) => (
        <View key={key} role="listitem" className="w-1/2 border-b border-line pr-3">
          <Pressable
            role="button"
            aria-label={`${SHORT[key]}: ${explanations[key].value}. Why?`}
            onPress={() => onAsk(key)}
            testID={`figure-${key}`}
            className="min-h-[52px] justify-center py-1 active:opacity-70"
          >
            <Type as="small" className="underline decoration-dotted">
              {SHORT[key]}
            </Type>
            <Type as="strong">{explanations[key].value}</Type>
          </Pressable>
        </View>
      ))}
    </View>
  );
}
