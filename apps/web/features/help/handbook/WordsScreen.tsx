import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { GLOSSARY } from '@/features/shared/handbook/glossary';
import { hasWords, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';

/** All special words with what they mean. */
export function WordsScreen() {
  const { word = '' } = useLocalSearchParams<{ word?: string }>();
  const [search, setSearch] = useState(word);
  const looked = wordsOf(search);
  const shown = GLOSSARY.filter(({ words, meaning }) => hasWords(`${words.join(' ')} ${meaning}`, looked));
  return (
    <Screen maxWidth={760} testID="words" header={<Type as="title">Words</Type>}>
      <Field label="Search the words" value={search} onChangeText={setSearch} returnKeyType="search" />
      <View role="list" aria-label="Words">
        {shown.map(({ words, unit, meaning }) => (
          <View key={words[0]} role="listitem" className="border-b border-line py-2">
            <Type as="strong">
              {words.join(', ')}
              {unit ? <Type as="small">{` (${unit})`}</Type> : null}
            </Type>
            <Type>{meaning}</Type>
          </View>
        ))}
      </View>
      {shown.length === 0 ? (
        <Empty title="No such word.">Try part of it, or a word from its meaning.</Empty>
      ) : null}
    </Screen>
  );
}
