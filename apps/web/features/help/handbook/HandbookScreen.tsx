import { useState } from 'react';
import { View } from 'react-native';
import { FoundRow } from '@/features/help/FoundRow';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';
import { Blocks } from './Blocks';
import { Contents } from './Contents';
import { findSections, INTRO, sectionFound } from './handbook-model';

function FoundSections({ search }: { search: string }) {
  const hits = findSections(search);
  if (hits.length === 0) {
    return (
      <Empty title="Nothing in the handbook has these words.">
        Try one word of the trade: a step, a tool, a metal or a trouble.
      </Empty>
    );
  }
  return (
    <View role="list" aria-label="Found in the handbook">
      {hits.map(sectionFound).map(({ key, ...row }) => (
        <FoundRow key={key} {...row} />
      ))}
    </View>
  );
}

/** What the handbook holds, and a search in it. */
export function HandbookScreen() {
  const [search, setSearch] = useState('');
  return (
    <Screen maxWidth={760} testID="handbook" header={<Type as="title">Handbook</Type>}>
      <Field label="Search the handbook" value={search} onChangeText={setSearch} returnKeyType="search" />
      {search.trim() ? (
        <FoundSections search={search} />
      ) : (
        <>
          <Blocks blocks={INTRO} />
          <Contents />
        </>
      )}
    </Screen>
  );
}
