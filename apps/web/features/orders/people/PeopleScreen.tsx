import type { Person } from '@round-mint/contract/people';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useListOrdersQuery, useListPeopleQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { fingerWords } from '@/features/shared/words/finger-words';
import { PersonSheet } from './PersonSheet';

/** Who asks for rings, and the fingers that were measured. */
export function PeopleScreen() {
  return (
    <Fetched from={useListPeopleQuery()} what="the people">
      {(people) => <People people={people} />}
    </Fetched>
  );
}

function PersonRow({ person, orders, onOpen }: { person: Person; orders: number; onOpen: () => void }) {
  const write = useWriters();
  const fingers = person.fingers.map(
    (finger) => `${fingerWords(finger)} ${write.size(finger.insideDiameterMm)}`,
  );
  return (
    <View role="listitem" className="border-b border-line">
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

function People({ people }: { people: readonly Person[] }) {
  const orders = useListOrdersQuery().data ?? [];
  const [search, setSearch] = useState('');
  const [open, setOpen] = useState<Person | 'new'>();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = people.filter(({ name, email, notes }) =>
    words.every((word) => `${name} ${email} ${notes}`.toLowerCase().includes(word)),
  );
  return (
    <Screen
      maxWidth={860}
      testID="people-screen"
      header={
        <>
          <PlaceHeader title="People" note={`${people.length} known`} />
          <OrdersTabs here="People" />
        </>
      }
      footer={<Button look="main" label="Add a person" onPress={() => setOpen('new')} />}
    >
      <Field label="Search name, mail, notes" value={search} onChangeText={setSearch} />
      {found.length === 0 ? (
        people.length === 0 ? (
          <Empty title="Nobody yet.">
            Who orders rings stands here, with the fingers that were measured. “Add a person” begins.
          </Empty>
        ) : (
          <Empty title="Nobody matches.">Search for part of a name, or add a person.</Empty>
        )
      ) : null}
      <View role="list" aria-label="People">
        {found.map((person) => (
          <PersonRow
            key={person.id}
            person={person}
            orders={orders.filter(({ personId }) => personId === person.id).length}
            onOpen={() => setOpen(person)}
          />
        ))}
      </View>
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
