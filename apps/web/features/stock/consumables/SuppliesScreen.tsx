import { countWords } from '@round-mint/core/format';
import { shortDay } from '@/features/shared/words/dates';
import type { SupplyAnswer } from '@round-mint/contract/consumables';
import { CONSUMABLES } from '@round-mint/core/trade';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { useBuyPacksMutation, useListSuppliesQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { SupplySheet } from './SupplySheet';

/** What is used up at the bench: it falls by use, and asks to be bought. */
export function SuppliesScreen() {
  return (
    <Fetched from={useListSuppliesQuery()} what="the supplies">
      {(supplies) => <Supplies supplies={supplies} />}
    </Fetched>
  );
}

function amountWords({ id, unit }: Pick<SupplyAnswer, 'id' | 'unit'>, amount: number): string {
  return `${amount.toFixed(CONSUMABLES[id].digits)} ${unit}`;
}

/** How full a supply is, against what was counted and what should be there. */
function Level({ supply }: { supply: SupplyAnswer }) {
  const full = Math.max(supply.countedAmount, supply.buyAtAmount * 2, 0.001);
  const share = Math.min(1, supply.leftAmount / full);
  const mark = Math.min(1, supply.buyAtAmount / full);
  return (
    <View aria-hidden className="h-2 w-full bg-line">
      <View className={`h-2 ${supply.buy ? 'bg-stop' : 'bg-ink'}`} style={{ width: `${share * 100}%` }} />
      <View className="absolute h-3 w-0.5 bg-soft" style={{ left: `${mark * 100}%`, top: -2 }} />
    </View>
  );
}

function Supplies({ supplies }: { supplies: readonly SupplyAnswer[] }) {
  const dispatch = useAppDispatch();
  const { money } = useWriters();
  const [open, setOpen] = useState<SupplyAnswer>();
  const [buy] = useBuyPacksMutation();
  const wanted = supplies.filter((supply) => supply.buy);
  const bought = async ({ id, name, packs }: SupplyAnswer) => {
    try {
      await buy({ id, packs }).unwrap();
      dispatch(noticeShown({ text: `${name}: ${countWords(packs, 'pack')} added.` }));
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <Screen
      maxWidth={860}
      testID="supplies-screen"
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
        {[...wanted, ...supplies.filter((supply) => !supply.buy)].map((supply) => {
          const counted = supply.countedAmount > 0 || supply.usedAmount > 0;
          return (
            <View key={supply.id} role="listitem" className="gap-1 border-b border-line py-2">
              <View className="flex-row items-center gap-3">
                <Pressable
                  role="button"
                  aria-label={`Count ${supply.name}`}
                  onPress={() => setOpen(supply)}
                  className="min-h-[48px] min-w-0 flex-1 justify-center active:opacity-70"
                >
                  <View className="flex-row justify-between gap-3">
                    <Type as="heading">{supply.name}</Type>
                    <Type as="strong">
                      {counted ? amountWords(supply, supply.leftAmount) : 'not counted'}
                    </Type>
                  </View>
                  <Type as="small">
                    {counted
                      ? `${amountWords(supply, supply.usedAmount)} used since ${shortDay(supply.countedAt)} · pack of ${amountWords(supply, supply.packAmount)} at ${money(supply.packPrice)}`
                      : 'Count it once: then it falls by use.'}
                  </Type>
                </Pressable>
                {supply.buy ? (
                  <Button
                    label={`Bought ${supply.packs}`}
                    describe={`${supply.packs} packs of ${supply.name} were bought`}
                    onPress={() => void bought(supply)}
                  />
                ) : null}
              </View>
              <Level supply={supply} />
              {supply.buy ? (
                <Type
                  as="label"
                  className="text-stop"
                >{`✕ buy: under ${amountWords(supply, supply.buyAtAmount)}`}</Type>
              ) : null}
            </View>
          );
        })}
      </View>
      {open ? <SupplySheet key={open.id} supply={open} onClose={() => setOpen(undefined)} /> : null}
    </Screen>
  );
}
