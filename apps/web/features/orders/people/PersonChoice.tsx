import type { Person } from '@round-mint/contract/people';
import { useState } from 'react';
import { View } from 'react-native';
import { hasWords, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';

/** As many names as can be looked over; of more, those that match what is typed. */
const MOST_NAMES = 8;

interface PersonChoiceProps {
  readonly people: readonly Person[];
  readonly value: string;
  readonly onChange: (personId: string) => void;
  /** Nobody is chosen, and somebody has to be. */
  readonly invalid: boolean;
}

/** Who something goes to, of the people who are known. */
export function PersonChoice({ people, value, onChange, invalid }: PersonChoiceProps) {
  const [search, setSearch] = useState('');
  const many = people.length > MOST_NAMES;
  const words = wordsOf(search);
  const matching = people.filter(({ name }) => hasWords(name, words));
  const near = many
    ? [...people.filter(({ id }) => id === value), ...matching.filter(({ id }) => id !== value)]
    : people;
  return (
    <View className="gap-2">
      {many ? <Field label="Search a name" value={search} onChangeText={setSearch} /> : null}
      <Choices
        label="To"
        choices={near.slice(0, MOST_NAMES).map(({ id, name }) => ({ value: id, label: name }))}
        value={value}
        onChange={onChange}
        invalid={invalid}
        minWidth={130}
      />
    </View>
  );
}
