import type { ShelfRing } from '@round-mint/contract/shelf';
import { countWords } from '@round-mint/core/format';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { TextLink } from '@/features/shared/screen/TextLink';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { shelfStateWords } from '@/features/shared/words/shelf-words';
import { clockWords, dayFromNow, wallMinutes } from '@/features/shared/words/wall-clock';
import { ALL, usePages } from '@/store/lists';
import { useGonePagesInfiniteQuery, useListShelfQuery } from '@/store/shelf-api';
import { useAppSelector } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { FactLine } from '@/ui/FactLine';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { Empty, Fetched } from '@/ui/Waiting';
import { SellSheet } from './SellSheet';
import { ShelfLine } from './ShelfLine';
import { bySize } from './table-papers';
import { takingsOn, totalsOf, type Taking } from './takings';

const ROW_PX = 96;
const ALL_SIZES = '';

/** What was taken today, sale by sale. */
function Today({ takings }: { takings: readonly Taking[] }) {
  const { money } = useWriters();
  const { market, others } = totalsOf(takings);
  return (
    <View className="gap-1" testID="takings">
      <View className="flex-row items-end justify-between">
        <Type as="heading">Taken today</Type>
        <Type as="figure">{money(market)}</Type>
      </View>
      {others > 0 ? <Type as="small">{`By other ways ${money(others)}.`}</Type> : null}
      <View role="list" aria-label="Sold today">
        {takings.map(({ id, name, price, at, isWaiting }) => (
          <FactLine
            key={id}
            name={`${clockWords(wallMinutes(new Date(at)))} ${name}${isWaiting ? ', waits for the server' : ''}`}
            value={money(price)}
          />
        ))}
      </View>
      {takings.length === 0 ? <Type as="small">Nothing is sold yet.</Type> : null}
    </View>
  );
}

/** Rings by size: tapped and sold. */
function Table({ items }: { items: readonly ShelfRing[] }) {
  const write = useWriters();
  const [size, setSize] = useState(ALL_SIZES);
  const [selling, setSelling] = useState<ShelfRing>();
  const sorted = useMemo(() => bySize(items), [items]);
  const sizeOf = ({ ring }: ShelfRing) => write.size(ring.insideDiameterMm);
  const sizes = [...new Set(sorted.map(sizeOf))];
  const shown =
    size === ALL_SIZES || !sizes.includes(size) ? sorted : sorted.filter((one) => sizeOf(one) === size);
  if (items.length === 0)
    return <Empty title="The shelf is empty.">Rings for sale stand here by size.</Empty>;
  return (
    <>
      <Choices
        label="Size"
        choices={[
          { value: ALL_SIZES, label: 'all' },
          ...sizes.map((value) => ({
            value,
            label: value,
            note: countWords(sorted.filter((one) => sizeOf(one) === value).length, 'ring'),
          })),
        ]}
        value={sizes.includes(size) ? size : ALL_SIZES}
        onChange={setSize}
        minWidth={76}
      />
      <VirtualRows
        label="Rings by size"
        items={shown}
        keyOf={({ id }) => id}
        rowPx={ROW_PX}
        renderRow={(item) => (
          <ShelfLine
            ring={item.ring}
            end={write.money(item.price)}
            note={item.state === 'reserved' ? shelfStateWords(item) : 'tap to sell'}
            describe={`Sell ${item.ring.name}, ${sizeOf(item)}, ${write.money(item.price)}`}
            onPress={() => setSelling(item)}
          />
        )}
      />
      {selling ? <SellSheet key={selling.id} item={selling} onClose={() => setSelling(undefined)} /> : null}
    </>
  );
}

/** A day at a market table: quick sales by size, and what was taken; works without the server. */
export function MarketScreen() {
  const write = useWriters();
  const gone = usePages(useGonePagesInfiniteQuery(ALL)).data;
  const things = useAppSelector((state) => state.unsentThings.things);
  const takings = useMemo(() => takingsOn(dayFromNow(), gone ?? [], things), [gone, things]);
  return (
    <Fetched from={useListShelfQuery()} what="the shelf">
      {(items) => (
        <Screen
          maxWidth={760}
          testID="market-screen"
          header={
            <PlaceHeader
              title="Market day"
              note={`${countWords(items.length, 'ring')} on the table · ${write.money(totalsOf(takings).market)} taken today`}
            />
          }
        >
          <Table items={items} />
          <Today takings={takings} />
          <TextLink href="/orders/shelf" label="The whole shelf" />
        </Screen>
      )}
    </Fetched>
  );
}
