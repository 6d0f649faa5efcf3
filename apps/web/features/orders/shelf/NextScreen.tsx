import type { NextRing } from '@round-mint/contract/shelf';
import { capital } from '@round-mint/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useGetNextRingsQuery } from '@/store/shelf-api';
import { LabelledChoices } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { basisWords, chanceWords, madeFromWords, planHref, ringWords, whyWords } from './next-model';

const MONTHS = [
  { value: 1, label: '1 month' },
  { value: 3, label: '3 months' },
  { value: 6, label: '6 months' },
] as const;

/** A ring to make, and why; pressed, it is planned. */
function NextRow({ ring, place, months }: { ring: NextRing; place: number; months: number }) {
  const write = useWriters();
  const router = useRouter();
  const what = ringWords(ring, write);
  const from = madeFromWords(ring);
  return (
    <View role="listitem" className="border-b border-line">
      <Pressable
        role="link"
        aria-label={`Plan ${what} of ${from}`}
        onPress={() => router.push(planHref(ring, write))}
        className="flex-row gap-3 py-3 active:opacity-70"
      >
        <Type as="figure" className="w-9 text-soft">
          {String(place)}
        </Type>
        <View className="min-w-0 flex-1 gap-0.5">
          <View className="flex-row items-start justify-between gap-3">
            <Type as="heading" className="flex-1">
              {what}
            </Type>
            <Type as="strong">{`${write.money(ring.gainPerHour)} an hour`}</Type>
          </View>
          <Type as="label">{from}</Type>
          <Type as="strong">{chanceWords(ring, months)}</Type>
          {whyWords(ring, write).map((words) => (
            <Type key={words} as="small">
              {capital(words)}.
            </Type>
          ))}
        </View>
      </Pressable>
    </View>
  );
}

/** What to make next for the shelf, the best use of an hour first. */
export function NextScreen() {
  const [months, setMonths] = useState<(typeof MONTHS)[number]['value']>(3);
  return (
    <Fetched from={useGetNextRingsQuery(months)} what="what to make next">
      {({ items, basis }) => (
        <Screen
          maxWidth={760}
          testID="next-screen"
          header={<PlaceHeader title="What to make next" note="For the shelf, best use of an hour first" />}
        >
          <LabelledChoices
            label="To be sold within"
            choices={MONTHS}
            value={months}
            onChange={setMonths}
            minWidth={96}
          />
          {items.length === 0 ? (
            <Empty title="Nothing to propose.">
              No piece in stock makes a ring that leaves something over at your rates.
            </Empty>
          ) : null}
          <View role="list" aria-label="Rings to make">
            {items.map((ring, i) => (
              <NextRow
                key={`${ring.stockId}-${ring.kind}-${ring.wall}-${ring.insideDiameterMm}-${i}`}
                ring={ring}
                place={i + 1}
                months={months}
              />
            ))}
          </View>
          <Type as="small">{basisWords(basis)}</Type>
          <Type as="small">
            “An hour” is what the whole shelf leaves over more with the ring: what it takes from the others is
            counted in. Made in this order, each counts those before it. Tap one to plan it.
          </Type>
        </Screen>
      )}
    </Fetched>
  );
}
