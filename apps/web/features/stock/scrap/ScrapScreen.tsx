import type { MetalPrices } from '@round-mint/contract/metal-prices';
import type { StoredScrap } from '@round-mint/contract/scrap';
import { scrapWorth } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { dayAndYear } from '@/features/shared/words/dates';
import { PriceLine } from '@/drawings/bars/PriceLine';
import { dayWords } from '@/features/shared/words/wall-clock';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { useGetMetalPricesQuery, useListScrapQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { FirstFew } from '@/ui/FirstFew';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { MeltSheet } from './MeltSheet';
import { heapsOf, inTin, massWords, spotOf } from './scrap-model';
import { ScrapSheet } from './ScrapSheet';

const KIND_WORDS: Readonly<Record<StoredScrap['kind'], string>> = {
  slug: 'slug',
  offcut: 'offcut',
  filings: 'filings',
  spoilt: 'spoilt ring',
  other: 'other',
  button: 'melted button',
};

/** Every slug and filing, with what it is worth today. */
export function ScrapScreen() {
  return (
    <Fetched from={both(useListScrapQuery(), useGetMetalPricesQuery())} what="the scrap tin">
      {([things, prices]) => <Tin things={things} prices={prices} />}
    </Fetched>
  );
}

function Prices({ prices }: { prices: MetalPrices }) {
  const [metal, setMetal] = useState<MetalPrices['items'][number]['metal']>('silver');
  const { currency } = useSettings();
  const item = prices.items.find((one) => one.metal === metal);
  if (!item) return null;
  const [first] = item.days;
  const write = (value: number) => value.toFixed(value < 10 ? 2 : 1);
  return (
    <View className="gap-2" testID="metal-prices">
      <View className="flex-row items-end justify-between">
        <Type as="heading">Metal prices</Type>
        <Type as="small">{`${write(item.perG)} ${currency} a gram, pure · ${item.source === 'typed' ? 'as you typed it' : 'simulated feed'}`}</Type>
      </View>
      <Choices
        label="Metal"
        choices={prices.items.map((one) => ({ value: one.metal, label: one.metal }))}
        value={metal}
        onChange={setMetal}
      />
      <PriceLine
        values={item.days.map(({ perG }) => perG)}
        firstLabel={first ? dayWords(first.day) : ''}
        lastLabel={dayWords(prices.day)}
        write={write}
        describe={`Price of ${metal} over ${item.days.length} days: now ${write(item.perG)} ${currency} a gram`}
      />
      <Type as="small">
        The feed is a stand-in that ships with the app. Type your own prices under Settings.
      </Type>
    </View>
  );
}

function Tin({ things, prices }: { things: readonly StoredScrap[]; prices: MetalPrices }) {
  const { money } = useWriters();
  const [open, setOpen] = useState<StoredScrap | 'new'>();
  const [melting, setMelting] = useState(false);
  const spot = spotOf(prices);
  const tin = inTin(things);
  const heaps = heapsOf(tin, spot);
  const worth = heaps.reduce((sum, heap) => sum + heap.worth, 0);
  const mass = heaps.reduce((sum, heap) => sum + heap.massG, 0);
  return (
    <Screen
      maxWidth={860}
      testID="scrap-screen"
      header={
        <>
          <PlaceHeader
            title="Scrap tin"
            note={`${mass.toFixed(1)} g, worth ${money(worth)} as metal today`}
          />
          <StockTabs here="Scrap tin" />
        </>
      }
      footer={
        <View className="flex-row gap-2">
          <Button label="Add scrap" className="flex-1" onPress={() => setOpen('new')} />
          <Button
            look="heat"
            label="Melt out"
            className="flex-1"
            disabled={tin.length === 0}
            onPress={() => setMelting(true)}
          />
        </View>
      }
    >
      {tin.length === 0 ? (
        <Empty title="The tin is empty.">
          Slugs and filings of your rings land here by themselves; other scrap is weighed in below.
        </Empty>
      ) : null}
      {heaps.map((heap) => (
        <View key={heap.name} className="gap-1">
          <View className="flex-row items-end justify-between border-b-2 border-ink pb-1">
            <Type as="heading">{heap.name}</Type>
            <Type as="strong">{`${heap.massG.toFixed(2)} g · ${money(heap.worth)}`}</Type>
          </View>
          <FirstFew items={heap.things} name={`scrap of ${heap.name}`}>
            {(shown) => (
              <View role="list" aria-label={`Scrap of ${heap.name}`}>
                {shown.map((thing) => (
                  <View key={thing.id} role="listitem" className="border-b border-line">
                    <Pressable
                      role="button"
                      aria-label={`Weigh or change: ${KIND_WORDS[thing.kind]}, ${thing.note}`}
                      onPress={() => setOpen(thing)}
                      className="min-h-[44px] flex-row items-center justify-between gap-3 active:opacity-70"
                    >
                      <View className="min-w-0 flex-1">
                        <Type as="label">{`${KIND_WORDS[thing.kind]}${thing.note ? ` · ${thing.note}` : ''}`}</Type>
                        <Type as="small">{`${dayAndYear(thing.at)} · ${thing.source === 'scale' ? 'weighed' : 'by the plan'}${thing.fineness === null ? '' : ` · .${Math.round(thing.fineness * 1000)}`}`}</Type>
                      </View>
                      <View className="items-end">
                        <Type as="label">{massWords(thing)}</Type>
                        <Type as="small">{money(scrapWorth(thing, spot))}</Type>
                      </View>
                    </Pressable>
                  </View>
                ))}
              </View>
            )}
          </FirstFew>
        </View>
      ))}
      <Prices prices={prices} />
      {open ? (
        <ScrapSheet
          key={open === 'new' ? open : open.id}
          thing={open === 'new' ? undefined : open}
          onClose={() => setOpen(undefined)}
        />
      ) : null}
      {melting ? <MeltSheet tin={tin} onClose={() => setMelting(false)} /> : null}
    </Screen>
  );
}
