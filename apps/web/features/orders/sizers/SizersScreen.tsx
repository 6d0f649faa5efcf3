import type { OrderInList } from '@round-mint/contract/orders';
import type { Person } from '@round-mint/contract/people';
import type { StoredSizer } from '@round-mint/contract/sizers';
import { RESIZED_SHARE } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { dayWords } from '@/features/shared/words/wall-clock';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import {
  useGetShopNumbersQuery,
  useListSizedOrdersQuery,
  useListPeopleQuery,
  useListSizersQuery,
} from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { breakEvenWords, conversionWords, schoolsOf, verdictWords } from './sizer-model';
import { SizerSheet } from './SizerSheet';

/** Computed with until orders were closed: what a ring leaves over at the usual rates. */
const GUESSED_MARGIN = 25;

/** Plastic sizers that went out by post, and which school of sending them pays. */
export function SizersScreen() {
  // Sums of half the figures would be wrong ones: nothing is drawn before all are there.
  const figures = both(both(useListSizersQuery(), useListSizedOrdersQuery()), useGetShopNumbersQuery());
  return (
    <Fetched from={both(figures, useListPeopleQuery())} what="the sizers">
      {([[[sizers, orders], { marginPerOrder }], people]) => (
        <Sizers sizers={sizers} orders={orders} people={people} marginPerOrder={marginPerOrder} />
      )}
    </Fetched>
  );
}

interface SizersProps {
  readonly sizers: readonly StoredSizer[];
  readonly orders: readonly OrderInList[];
  readonly people: readonly Person[];
  /** Null until orders were closed. */
  readonly marginPerOrder: number | null;
}

/** Minutes at the bench of a ring that is resized for nothing (ours). */
const RESIZE_MIN = 30;

/** What a promised resize costs: bench time and the way back. */
function useResizeCost(): number {
  const { hourlyRate, post } = useSettings().trade;
  return (RESIZE_MIN / 60) * hourlyRate + post;
}

function Schools({ sizers, orders, marginPerOrder: known }: Omit<SizersProps, 'people'>) {
  const { money } = useWriters();
  const margin = known ?? GUESSED_MARGIN;
  const resizeCost = useResizeCost();
  const schools = schoolsOf(sizers, orders, margin, resizeCost);
  const rows = [
    ['Led to an order', conversionWords(schools.free), conversionWords(schools.paid)],
    ['Cost', money(schools.free.cost), money(schools.paid.cost)],
    ['Paid for them', money(schools.free.income), money(schools.paid.income)],
    ['Coupons used', money(schools.free.couponsUsed), money(schools.paid.couponsUsed)],
    ['Promised resizes', money(schools.free.resizes), money(schools.paid.resizes)],
    ['Brings, each', money(schools.free.netEach), money(schools.paid.netEach)],
  ] as const;
  return (
    <View className="gap-2" testID="sizer-schools">
      <Notice level={schools.better === 'too-few' ? 'note' : 'good'} title={verdictWords(schools, money)}>
        {breakEvenWords(schools)}
      </Notice>
      <View role="table" aria-label="Two methods compared">
        <View role="row" className="flex-row border-b-2 border-ink pb-1">
          <View role="cell" className="flex-1" />
          {['given away', 'sold, with coupon'].map((name) => (
            <View key={name} role="columnheader" className="flex-1 justify-end pl-3">
              <Type as="label" className="text-right">
                {name}
              </Type>
            </View>
          ))}
        </View>
        {rows.map(([name, free, paid]) => (
          <View key={name} role="row" className="flex-row border-b border-line py-1.5">
            <View role="rowheader" className="flex-1">
              <Type as="small">{name}</Type>
            </View>
            {[free, paid].map((value, i) => (
              <View key={i} role="cell" className="flex-1 pl-3">
                <Type as="label" className="text-right">
                  {value}
                </Type>
              </View>
            ))}
          </View>
        ))}
      </View>
      <Type as="small">
        {known === null
          ? `Computed with ${money(margin)} left over an order, until some are closed.`
          : `An order leaves ${money(margin)} over on average, from those that are closed. Ranges hold for 95 in 100.`}
      </Type>
      <Type as="small">{`A promised resize counts ${money(resizeCost)} (${RESIZE_MIN} min and the post) for one ring in ${Math.round(1 / RESIZED_SHARE)}: our assumption.`}</Type>
    </View>
  );
}

function Sizers({ sizers, orders, people, marginPerOrder }: SizersProps) {
  const { money } = useWriters();
  const [open, setOpen] = useState<StoredSizer | 'new'>();
  const nameOf = (id: string) => people.find((person) => person.id === id)?.name ?? '–';
  return (
    <Screen
      maxWidth={860}
      testID="sizers-screen"
      header={
        <>
          <PlaceHeader title="Sizers by post" note={`${sizers.length} sent`} />
          <OrdersTabs here="Sizers" />
        </>
      }
      footer={<Button look="main" label="Send a sizer" onPress={() => setOpen('new')} />}
    >
      <Schools sizers={sizers} orders={orders} marginPerOrder={marginPerOrder} />
      {sizers.length === 0 ? (
        <Empty title="None sent yet.">Lend or sell plastic sizers; who knows their size orders.</Empty>
      ) : null}
      <View role="list" aria-label="Sizers sent">
        {sizers.map((sizer) => {
          const order = orders.find(({ sizerId }) => sizerId === sizer.id);
          const words = [
            dayWords(sizer.sentOn),
            sizer.paid > 0 ? `paid ${money(sizer.paid)}` : 'given away',
            sizer.coupon > 0
              ? `coupon ${sizer.couponCode} ${money(sizer.coupon)}${sizer.couponUsed ? ', used' : ''}`
              : '',
            sizer.guarantee ? 'free resize' : '',
          ];
          return (
            <View key={sizer.id} role="listitem" className="border-b border-line">
              <Pressable
                role="button"
                aria-label={`Change the sizer of ${nameOf(sizer.personId)}`}
                onPress={() => setOpen(sizer)}
                className="min-h-[52px] justify-center py-1.5 active:opacity-70"
              >
                <View className="flex-row justify-between gap-3">
                  <Type as="label">{nameOf(sizer.personId)}</Type>
                  <Type as="small">{order ? `→ ${order.name}` : 'no order yet'}</Type>
                </View>
                <Type as="small">{words.filter(Boolean).join(' · ')}</Type>
              </Pressable>
            </View>
          );
        })}
      </View>
      {open ? (
        <SizerSheet
          key={open === 'new' ? open : open.id}
          sizer={open === 'new' ? undefined : open}
          people={people}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
    </Screen>
  );
}
