import type { StoredDiscount } from '@round-mint/contract/discounts';
import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import { countWords } from '@round-mint/core/format';
import { isSameCode } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { TextLink } from '@/features/shared/screen/TextLink';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { useListDiscountsQuery } from '@/store/discounts-api';
import { useGetShopNumbersQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { discountWords } from './discount-model';
import { DiscountSheet } from './DiscountSheet';

type Given = ShopNumbersAnswer['byDiscount'][number];

function givenWords(given: Given | undefined, money: (amount: number) => string): string {
  if (!given) return 'not used yet';
  return `${countWords(given.sales, 'sale')}, ${money(given.off)} off`;
}

/** Those that are over stand below the others. */
function endedLast(discounts: readonly StoredDiscount[]): readonly StoredDiscount[] {
  const today = dayFromNow();
  const isOver = ({ until }: StoredDiscount) => until !== null && until < today;
  return [...discounts.filter((one) => !isOver(one)), ...discounts.filter(isOver)];
}

interface RowProps {
  discount: StoredDiscount;
  given: Given | undefined;
  onPress: () => void;
}

function Row({ discount, given, onPress }: RowProps) {
  const { money } = useWriters();
  return (
    <View role="listitem" className="border-b border-line">
      <Pressable
        role="button"
        aria-label={`Change ${discount.code}`}
        onPress={onPress}
        className="min-h-[56px] justify-center py-2 active:opacity-70"
      >
        <View className="flex-row justify-between gap-3">
          <Type as="heading">{discount.code}</Type>
          <Type as="small" className="text-right">
            {givenWords(given, money)}
          </Type>
        </View>
        <Type as="small">{discountWords(discount, money, dayFromNow())}</Type>
        {discount.notes === '' ? null : <Type as="small">{discount.notes}</Type>}
      </Pressable>
    </View>
  );
}

/** Codes that customers ask for: what each takes off, when, and what it took off so far. */
export function DiscountsScreen() {
  const { money } = useWriters();
  const byDiscount = useGetShopNumbersQuery().data?.byDiscount ?? [];
  const coupons = byDiscount.find(({ by }) => by === 'sizer');
  const [open, setOpen] = useState<StoredDiscount | 'new'>();
  return (
    <Fetched from={useListDiscountsQuery()} what="the discounts">
      {(discounts) => (
        <Screen
          maxWidth={760}
          testID="discounts-screen"
          header={
            <PlaceHeader
              title="Discounts"
              note={`${countWords(discounts.length, 'code')} for quotes and sales`}
            />
          }
          footer={<Button look="main" label="Add a discount" onPress={() => setOpen('new')} />}
        >
          {discounts.length === 0 ? (
            <Empty title="No discounts.">
              A code takes a share or a sum off a price, from a day to a day, or for a first order.
            </Empty>
          ) : null}
          <View role="list" aria-label="Discounts">
            {endedLast(discounts).map((discount) => (
              <Row
                key={discount.id}
                discount={discount}
                given={byDiscount.find(({ by, code }) => by === 'code' && isSameCode(code, discount.code))}
                onPress={() => setOpen(discount)}
              />
            ))}
          </View>
          <Type as="small">
            {`Used and taken off: sales closed in the last twelve months.${coupons ? ` Coupons of sizers: ${givenWords(coupons, money)}.` : ''} None goes below the floor, what a piece is worth as metal, unless you say so.`}
          </Type>
          <View className="flex-row flex-wrap gap-x-6">
            <TextLink href="/orders/sizers" label="Sizers and their coupons" />
            <TextLink href="/orders/shelf" label="The shelf" />
          </View>
          {open ? (
            <DiscountSheet
              key={open === 'new' ? open : open.id}
              discount={open === 'new' ? undefined : open}
              onClose={() => setOpen(undefined)}
            />
          ) : null}
        </Screen>
      )}
    </Fetched>
  );
}
