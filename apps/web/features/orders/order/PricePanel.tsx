import type { OrderInList } from '@round-mint/contract/orders';
import {
  marginAt,
  priceLineWords,
  priceRing,
  type GivenDiscount,
  type Price,
  type PriceInput,
  type PriceLineCode,
} from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useGetOrderCostsQuery } from '@/store/trade-api';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { ExchangeSheet } from './ExchangeSheet';

/** A price, or the words of why there is none. */
function priceOf(input: PriceInput): { readonly price: Price } | { readonly problem: string } {
  try {
    return { price: priceRing(input) };
  } catch (error) {
    return { problem: error instanceof RangeError ? error.message : String(error) };
  }
}

interface LineProps {
  label: string;
  planned: string;
  actual?: string | undefined;
  strong?: boolean;
  onAsk?: (() => void) | undefined;
}

function Line({ label, planned, actual, strong = false, onAsk }: LineProps) {
  return (
    <View
      role="row"
      className={`min-h-[44px] flex-row items-center border-b ${strong ? 'border-ink' : 'border-line'}`}
    >
      <View role="rowheader" className="min-w-0 flex-1">
        {onAsk ? (
          <Pressable
            role="button"
            aria-label={`${label}: why?`}
            onPress={onAsk}
            className="min-h-[44px] justify-center active:opacity-70"
          >
            <Type as="small" className="underline">
              {label}
            </Type>
          </Pressable>
        ) : (
          <Type as={strong ? 'strong' : 'small'}>{label}</Type>
        )}
      </View>
      <View role="cell" style={{ width: 96 }}>
        <Type as={strong ? 'strong' : 'label'} className="text-right">
          {planned}
        </Type>
      </View>
      <View role="cell" style={{ width: 96 }}>
        <Type as={strong ? 'strong' : 'label'} className="text-right">
          {actual ?? '–'}
        </Type>
      </View>
    </View>
  );
}

/** "84.00 cr less 8.40 cr with SPRING" */
function lessWords(
  { by, code, off }: GivenDiscount,
  told: number,
  money: (amount: number) => string,
): string {
  const how = by === 'sizer' ? 'for the coupon of a sizer' : `with ${code}`;
  return `${money(told + off)} less ${money(off)} ${how}.`;
}

/** Sums of what a ring really took, at the price it was sold for. */
function actualSums(actual: PriceInput, price: number) {
  const own = priceRing({ ...actual, coupon: 0 });
  const of = (code: string) => own.lines.find((line) => line.code === code)?.amount ?? 0;
  return { of, margin: marginAt(actual, price) };
}

/** The price with all its parts: as planned, and as the ring has come to. */
export function PricePanel({ order, person }: { order: OrderInList; person: string }) {
  const { money } = useWriters();
  const costs = useGetOrderCostsQuery(order.id).data;
  const [asked, setAsked] = useState<PriceLineCode>();
  const [exchanging, setExchanging] = useState(false);
  const input = order.quote?.input ?? costs?.planned;
  if (!costs) return <Type as="small">Working out the price …</Type>;
  if (!input)
    return <Notice level="stop" title="It cannot be made as planned any more: choose another way." />;
  const computed = priceOf(input);
  if ('problem' in computed) return <Notice level="stop" title={`No price: ${computed.problem}`} />;
  const { price } = computed;
  const told = order.quote?.price ?? price.price;
  const actual = costs.actual ? actualSums(costs.actual, told) : undefined;
  const wordsOf = (code: PriceLineCode) => priceLineWords(code, input, price, money);
  const why = price.lines.find(({ code }) => code === asked);
  return (
    <View className="gap-1" testID="price-panel">
      <View className="flex-row items-end justify-between">
        <Type as="heading">{order.quote ? 'Price, as quoted' : 'Price, as it would be'}</Type>
        <Type as="figure">{money(told)}</Type>
      </View>
      {order.quote?.discount ? <Type as="small">{lessWords(order.quote.discount, told, money)}</Type> : null}
      {price.atFloor ? (
        <Notice level="note" title="At the floor: the piece is worth this as metal, and it is destroyed." />
      ) : null}
      <View role="table" aria-label="Price, planned and actual">
        <View role="row" className="flex-row border-b-2 border-ink pb-1">
          <View role="columnheader" className="flex-1">
            <Type as="small">Cost breakdown</Type>
          </View>
          <View role="columnheader" style={{ width: 96 }}>
            <Type as="small" className="text-right">
              planned
            </Type>
          </View>
          <View role="columnheader" style={{ width: 96 }}>
            <Type as="small" className="text-right">
              {order.ringFinished ? 'actual' : 'so far'}
            </Type>
          </View>
        </View>
        {price.lines.map(({ code, amount }) => (
          <Line
            key={code}
            label={wordsOf(code).label}
            planned={money(code === 'margin' ? marginAt(input, told) : amount)}
            actual={actual && money(code === 'margin' ? actual.margin : actual.of(code))}
            onAsk={() => setAsked(code)}
          />
        ))}
      </View>
      {order.exchange ? (
        <TextButton label="Part exchange: what is left to pay" onPress={() => setExchanging(true)} />
      ) : null}
      {why ? (
        <Sheet title={wordsOf(why.code).label} open onClose={() => setAsked(undefined)}>
          <Type as="figure">{money(why.amount)}</Type>
          <Type>{wordsOf(why.code).why}</Type>
          <Type as="small">From: rates under Settings, packs under Stock, metal prices of the day.</Type>
        </Sheet>
      ) : null}
      {exchanging ? (
        <ExchangeSheet order={order} person={person} price={told} onClose={() => setExchanging(false)} />
      ) : null}
    </View>
  );
}
