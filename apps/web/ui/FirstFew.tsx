import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { TextButton } from './TextButton';

interface FirstFewProps<T> {
  items: readonly T[];
  /** What they are, in the plural: "rings". */
  name: string;
  /** So many are shown until all are asked for. */
  few?: number;
  children: (shown: readonly T[]) => ReactNode;
}

/** The first of a list, and all of it when it is asked for: one long list hides those below it. */
export function FirstFew<T>({ items, name, few = 5, children }: FirstFewProps<T>) {
  const [all, setAll] = useState(false);
  const shown = all ? items : items.slice(0, few);
  return (
    <>
      {children(shown)}
      {items.length > few ? (
        <View className="items-start">
          <TextButton
            label={all ? `show ${few}` : `show all ${items.length}`}
            describe={all ? `Show the first ${few} of ${name}` : `Show all of ${name}`}
            onPress={() => setAll(!all)}
          />
        </View>
      ) : null}
    </>
  );
}
