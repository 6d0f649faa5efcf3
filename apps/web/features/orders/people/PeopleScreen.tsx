import type { PersonInList } from '@round-mint/contract/people';
import { useLocalSearchParams } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { askedBy, hasWords, useSearchedPages, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { usePages, type Asked } from '@/store/lists';
import { usePeoplePagesInfiniteQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { Empty, Fetched } from '@/ui/Waiting';
import { fingerWords } from '@/features/shared/words/finger-words';
import { PersonSheet } from './PersonSheet';

/** Who asks for rings, and the fingers that were measured. */
export function PeopleScreen() {
  const [search, setSearch] = useState('');
  const typed = useMemo(() => askedBy(search), [search]);
  const list = useSearchedPages(usePeoplePages, typed);
  return (
    <Fetched from={list.all} what="the people">
      {(people) => <People list={list} people={people} search={search} onSearch={setSearch} />}
    </Fetched>
  );
}

const usePeoplePages = (asked: Asked, options: { readonly skip: boolean }) =>
  usePages(usePeoplePagesInfiniteQuery(asked, options));

const ROW_PX = 61;

function PersonRow({ person, onOpen }: { person: PersonInList; onOpen: () => void }) {
  const write = useWriters();
  const { orders } = person;
  const fingers = person.fingers.map(
    (finger) => `${fingerWords(finger)} ${write.size(finger.insideDiameterMm)}`,
  );
  return (
    <View className="border-b border-line">
      <Pressable
        role="button"
        aria-label={`Change ${person.name}`}
        onPress={onOpen}
        className="min-h-[56px] justify-center py-2 active:opacity-70"
      >
        <View className="flex-row justify-between gap-3">
          <Type as="heading" className="flex-1">
            {person.name}
          </Type>
          <Type as="small">{orders === 1 ? '1 order' : `${orders} orders`}</Type>
        </View>
        <Type as="small">{[...fingers, person.email].filter(Boolean).join(' · ')}</Type>
      </Pressable>
    </View>
  );
}

interface PeopleProps {
  readonly list: ReturnType<typeof useSearchedPages<PersonInList>>;
  readonly people: readonly PersonInList[];
  readonly search: string;
  readonly onSearch: (search: string) => void;
}

function People({ list: { all, shown, narrowHere }, people, search, onSearch }: PeopleProps) {
  const { person: asked } = useLocalSearchParams<{ person?: string }>();
  const [open, setOpen] = useState<PersonInList | 'new' | undefined>(() =>
    people.find(({ id }) => id === asked),
  );
  const words = narrowHere ? wordsOf(search) : [];
  const found = shown.data?.filter(({ name, email, notes }) => hasWords(`${name} ${email} ${notes}`, words));
  return (
    <Screen
      maxWidth={860}
      testID="people-screen"
      header={
        <>
          <PlaceHeader title="People" note={`${all.more ? 'over ' : ''}${people.length} known`} />
          <OrdersTabs here="People" />
        </>
      }
      footer={<Button look="main" label="Add a person" onPress={() => setOpen('new')} />}
    >
      <Field label="Search name, mail, notes" value={search} onChangeText={onSearch} />
      {found ? null : (
        <Type as="small" role="status">
          Searching …
        </Type>
      )}
      {found?.length === 0 ? (
        people.length === 0 ? (
          <Empty title="Nobody yet.">
            Who orders rings stands here, with the fingers that were measured. “Add a person” begins.
          </Empty>
        ) : (
          <Empty title="Nobody matches.">Search for part of a name, or add a person.</Empty>
        )
      ) : null}
      <VirtualRows
        label="People"
        items={found ?? []}
        keyOf={({ id }) => id}
        rowPx={ROW_PX}
        from={shown}
        renderRow={(person) => <PersonRow person={person} onOpen={() => setOpen(person)} />}
      />
      {open ? (
        <PersonSheet
          key={open === 'new' ? open : open.id}
          person={open === 'new' ? undefined : open}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </Screen>
  );
}
