import { useState } from 'react';
import { View } from 'react-native';
import { answerWhich } from '@/store/ask-which';
import type { BothChanged, Choice } from '@/store/merge-changes';
import { fieldWords } from '@/store/problem';
import { useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { valueWords } from './value-words';

function OneField({
  both: { field, mine, theirs },
  value,
  onChange,
}: {
  both: BothChanged;
  value: Choice;
  onChange: (choice: Choice) => void;
}) {
  return (
    <View className="gap-1 border-b border-line pb-3" testID={`conflict-${field}`}>
      <Type as="heading">{fieldWords(field)}</Type>
      <Choices
        label={fieldWords(field)}
        minWidth={172}
        value={value}
        onChange={onChange}
        choices={[
          { value: 'mine', label: 'Mine', note: valueWords(mine) },
          { value: 'theirs', label: 'The other', note: valueWords(theirs) },
        ]}
      />
    </View>
  );
}

function Question({ both }: { both: readonly BothChanged[] }) {
  const [chosen, setChosen] = useState<Readonly<Record<string, Choice>>>({});
  const choiceOf = (field: string) => chosen[field] ?? 'mine';
  const keep = () =>
    answerWhich(Object.fromEntries(both.map(({ field }) => [field, choiceOf(field)] as const)));
  return (
    <Sheet
      title="Changed on another device"
      open
      onClose={() => answerWhich(undefined)}
      footer={<Button look="main" label="Save these" onPress={keep} testID="conflict-keep" />}
    >
      <Type>
        Another device has changed this while you did. What only one of you changed is kept. Choose for the
        rest.
      </Type>
      {both.map((one) => (
        <OneField
          key={one.field}
          both={one}
          value={choiceOf(one.field)}
          onChange={(choice) => setChosen((before) => ({ ...before, [one.field]: choice }))}
        />
      ))}
    </Sheet>
  );
}

/** Two changes of one thing, side by side, for the maker to choose from. */
export function ConflictSheet() {
  const { both } = useAppSelector((state) => state.conflict);
  return both.length > 0 ? <Question both={both} /> : null;
}
