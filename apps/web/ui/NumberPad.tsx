import { View } from 'react-native';
import { PadKey } from './PadKey';

const ROWS = [
  ['1', '2', '3'],
  ['4', '5', '6'],
  ['7', '8', '9'],
  ['.', '0', '⌫'],
] as const;

const NAMES: Readonly<Record<string, string>> = { '.': 'decimal point', '⌫': 'delete the last' };

/** What is typed after a key: one decimal point, nothing longer than a calliper shows. */
export function typedAfter(text: string, key: string): string {
  if (key === '⌫') return text.slice(0, -1);
  if (key === '.' && text.includes('.')) return text;
  return `${text}${key}`.slice(0, 7);
}

/** Digits for a thumb, so that no keyboard comes up. */
export function NumberPad({ text, onChange }: { text: string; onChange: (text: string) => void }) {
  return (
    <View className="gap-2" role="group" aria-label="Digits">
      {ROWS.map((row) => (
        <View key={row[0]} className="flex-row gap-2">
          {row.map((key) => (
            <PadKey
              key={key}
              label={key}
              describe={NAMES[key]}
              onPress={() => onChange(typedAfter(text, key))}
            />
          ))}
        </View>
      ))}
    </View>
  );
}
