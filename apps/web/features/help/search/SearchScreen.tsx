import { useLocalSearchParams, useRouter, type Href } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Field } from '@/ui/Field';
import { FirstFew } from '@/ui/FirstFew';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';
import { FoundRow } from '@/features/help/FoundRow';
import { findEverywhere, type FoundGroup } from './search-model';
import { useHoldings } from './use-holdings';

const WAYS_ON: readonly (readonly [href: Href, title: string, note: string])[] = [
  ['/help', 'Handbook', 'How a ring is made, what is computed and from what'],
  ['/help/words', 'Words', 'What the special words mean'],
  ['/help/keys', 'Keys and gestures', 'What a keyboard and fingers do'],
];

function Group({ title, found }: FoundGroup) {
  return (
    <View>
      <Type as="heading">{`${title} (${found.length})`}</Type>
      <FirstFew items={found} name={title.toLowerCase()}>
        {(shown) => (
          <View role="list" aria-label={title}>
            {shown.map(({ key, ...row }) => (
              <FoundRow key={key} {...row} />
            ))}
          </View>
        )}
      </FirstFew>
    </View>
  );
}

function Groups({ groups }: { groups: readonly FoundGroup[] }) {
  if (groups.length === 0) return null;
  return (
    <View className="min-w-0 gap-4 two:flex-1">
      {groups.map((group) => (
        <Group key={group.title} {...group} />
      ))}
    </View>
  );
}

/** One search over everything: rings, orders, people, stock, tools, troubles, the handbook. */
export function SearchScreen() {
  const { q = '' } = useLocalSearchParams<{ q?: string }>();
  const [search, setSearch] = useState(q);
  const router = useRouter();
  const write = useWriters();
  const { holdings, isWaiting, isMissing } = useHoldings(search);
  const groups = findEverywhere(search, holdings, write);
  const typed = search.trim();
  const change = (text: string) => {
    setSearch(text);
    // Back from what was found leads to what was looked for.
    router.setParams({ q: text });
  };
  return (
    <Screen maxWidth={1240} testID="search-everything" header={<Type as="title">Search</Type>}>
      <Field
        label="Rings, orders, people, stock, tools, handbook"
        value={search}
        onChangeText={change}
        autoFocus
        returnKeyType="search"
      />
      {typed === '' ? (
        <View role="list" aria-label="Help" className="two:flex-row two:gap-8">
          {WAYS_ON.map(([href, title, note]) => (
            <FoundRow key={title} href={href} title={title} note={note} />
          ))}
        </View>
      ) : (
        <>
          {isMissing ? (
            <Notice level="warn" title="The server does not answer: not everything is searched." live />
          ) : null}
          <View className="gap-4 two:flex-row two:gap-8">
            <Groups groups={groups.filter(({ isHelp }) => !isHelp)} />
            <Groups groups={groups.filter(({ isHelp }) => isHelp)} />
          </View>
          {isWaiting ? (
            <Type as="small" role="status">
              Searching …
            </Type>
          ) : groups.length === 0 ? (
            <Empty title="Nothing has all of these words.">Try fewer words, or part of one.</Empty>
          ) : null}
        </>
      )}
    </Screen>
  );
}
