import { countWords } from '@round-mint/core/format';
import { shortDay } from '@/features/shared/words/dates';
import type { ShelfAnswer } from '@round-mint/contract/consumables';
import { CONSUMABLES } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { useBuyPacksMutation, useListShelvesQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { ShelfSheet } from './ShelfSheet';

/** What is used up at the bench: it falls by use, and asks to be bought. */
export function ShelvesScreen() {
  return (
    <Fetched from={useListShelvesQuery()} what="the shelves">
      {(shelves) => <Shelves shelves={shelves} />}
    </Fetched>
  );
}

function amountWords({ id, unit }: Pick<ShelfAnswer, 'id' | 'unit'>, amount: number): string {
  return `${amount.toFixed(CONSUMABLES[id].digits)} ${unit}`;
}

/** How full a shelf is, against what was counted and what should be there. */
function Level({ shelf }: { shelf: ShelfAnswer }) {
  const full = Math.max(shelf.countedAmount, shelf.buyAtAmount * 2, 0.001);
  const share = Math.min(1, shelf.leftAmount / full);
  const mark = Math.min(1, shelf.buyAtAmount / full);
  return (
    <View aria-hidden className="h-2 w-full bg-line">
      <View className={`h-2 ${shelf.buy ? 'bg-stop' : 'bg-ink'}`} style={{ width: `${share * 100}%` }} />
      <View className="absolute h-3 w-0.5 bg-soft" style={{ left: `${mark * 100}%`, top: -2 }} />
    </View>
  );
}

function Shelves({ shelves }: { shelves: readonly ShelfAnswer[] }) {
  const dispatch = useAppDispatch();
  const { money } = useWriters();
  const [open, setOpen] = useState<ShelfAnswer>();
  const [buy] = useBuyPacksMutation();
  const wanted = shelves.filter((shelf) => shelf.buy);
  const bought = async ({ id, name, packs }: ShelfAnswer) => {
    try {
      await buy({ id, packs }).unwrap();
      dispatch(noticeShown({ text: `${name}: ${countWords(packs, 'pack')} on the shelf.` }));
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <Screen
      maxWidth={860}
      testID="shelves-screen"
      header={
        <>
          <PlaceHeader
            title="Supplies"
            note={
              wanted.length === 0 ? 'Nothing to buy' : `To buy: ${wanted.map(({ name }) => name).join(', ')}`
            }
          />
          <StockTabs here="Supplies" />
        </>
      }
    >
      <Type as="small">
        Falls by what the steps of your rings use; a count puts it right. The mark is where to buy.
      </Type>
      <View role="list" aria-label="Consumables">
        {[...wanted, ...shelves.filter((shelf) => !shelf.buy)].map((shelf) => {
          const counted = shelf.countedAmount > 0 || shelf.usedAmount > 0;
          return (
            <View key={shelf.id} role="listitem" className="gap-1 border-b border-line py-2">
              <View className="flex-row items-center gap-3">
                <Pressable
                  role="button"
                  aria-label={`Count ${shelf.name}`}
                  onPress={() => setOpen(shelf)}
                  className="min-h-[48px] min-w-0 flex-1 justify-center active:opacity-70"
                >
                  <View className="flex-row justify-between gap-3">
                    <Type as="heading">{shelf.name}</Type>
                    <Type as="strong">{counted ? amountWords(shelf, shelf.leftAmount) : 'not counted'}</Type>
                  </View>
                  <Type as="small">
                    {counted
                      ? `${amountWords(shelf, shelf.usedAmount)} used since ${shortDay(shelf.countedAt)} · pack of ${amountWords(shelf, shelf.packAmount)} at ${money(shelf.packPrice)}`
                      : 'Count it once: then it falls by use.'}
                  </Type>
                </Pressable>
                {shelf.buy ? (
                  <Button
                    label={`Bought ${shelf.packs}`}
                    describe={`${shelf.packs} packs of ${shelf.name} were bought`}
                    onPress={() => void bought(shelf)}
                  />
                ) : null}
              </View>
              <Level shelf={shelf} />
              {shelf.buy ? (
                <Type
                  as="label"
                  className="text-stop"
                >{`✕ buy: under ${amountWords(shelf, shelf.buyAtAmount)}`}</Type>
              ) : null}
            </View>
          );
        })}
      </View>
      {open ? <ShelfSheet key={open.id} shelf={open} onClose={() => setOpen(undefined)} /> : null}
    </Screen>
  );
}
