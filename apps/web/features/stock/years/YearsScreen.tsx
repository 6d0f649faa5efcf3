import { countWords } from '@round-mint/core/format';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { CoinStock } from '@round-mint/contract/stock';
import { type Kit, kitOrReference } from '@round-mint/core/kit';
import { findYears, type Reach } from '@round-mint/core/trade';
import { Link } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { FACES } from '@/features/shared/words/faces';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { permitsOf } from '@/features/shared/words/piece-words';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { useListKitQuery } from '@/store/api';
import { useCoins } from '@/store/use-coins';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';

function yearOf(text: string): number | undefined {
  return /^-?\d{1,4}$/.test(text.trim()) ? Number(text.trim()) : undefined;
}

const problemOf = (text: string) =>
  text.trim() === '' || yearOf(text) !== undefined ? undefined : 'a year such as 1948, or nothing';

/** Smaller than any finger, mm: a lower end below it says nothing. */
const NO_FINGER_MM = 13.5;

function reachWords(reach: Reach | undefined, size: (mm: number) => string): string {
  if (!reach) return 'no ring';
  const { min, max, comfortableMax } = reach;
  const words = (from: number, to: number) =>
    from < NO_FINGER_MM ? `up to ${size(to)}` : `${size(from)} to ${size(to)}`;
  if (comfortableMax === undefined) return `${words(min, max)}, thin at the cut edge`;
  const further = max - comfortableMax > MM_PER_US_SIZE / 4;
  return `${words(min, comfortableMax)}${further ? `; to ${size(max)} thin at the cut edge` : ''}`;
}

/** Which pieces carry a year, an issuer, a face; and the sizes they can become. */
export function YearsScreen() {
  return (
    <Fetched from={both(useCoins(), useListKitQuery())} what="the coins">
      {([coins, tools]) => <Years coins={coins} kit={kitOrReference(tools)} />}
    </Fetched>
  );
}

function Years({ coins, kit }: { coins: readonly CoinStock[]; kit: Kit }) {
  const write = useWriters();
  const [from, setFrom] = useState('');
  const [to, setTo] = useState('');
  const [issuer, setIssuer] = useState('');
  const [face, setFace] = useState<'' | 'obverse' | 'reverse'>('');
  const issuers = useMemo(
    () => [...new Set(coins.map((coin) => coin.issuer).filter(Boolean))].sort(),
    [coins],
  );
  const found = useMemo(() => {
    const here = coins
      .filter(({ quantity }) => quantity > 0)
      .map((coin) => ({ ...coin, may: permitsOf(coin) }));
    return findYears(here, kit, {
      from: yearOf(from),
      // One year alone means that year.
      to: yearOf(to) ?? yearOf(from),
      issuer: issuer || undefined,
      face: face || undefined,
    });
  }, [coins, kit, from, to, issuer, face]);
  return (
    <Screen
      maxWidth={860}
      testID="years-screen"
      header={
        <>
          <PlaceHeader
            title="Years"
            note={`${countWords(found.length, 'kind of coin', 'kinds of coin')}, earliest first`}
          />
          <StockTabs here="Years" />
        </>
      }
    >
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Year, or from"
          inputMode="numeric"
          value={from}
          error={problemOf(from)}
          onChangeText={setFrom}
        />
        <Field
          className="flex-1"
          label="To"
          inputMode="numeric"
          value={to}
          error={problemOf(to)}
          onChangeText={setTo}
        />
      </View>
      <LabelledChoices
        label="Issuer"
        choices={[{ value: '', label: 'any issuer' }, ...issuers.map((value) => ({ value, label: value }))]}
        value={issuer}
        onChange={setIssuer}
        minWidth={104}
      />
      <LabelledChoices label="Face outside" choices={FACES} value={face} onChange={setFace} />
      {found.length === 0 ? (
        <Empty title="No coin carries it.">Another year, or any issuer: the stock is small.</Empty>
      ) : null}
      <View role="list" aria-label="Coins by year">
        {found.map(({ piece, reach }) => (
          <View key={piece.id} role="listitem" className="border-b border-line">
            <Link href={{ pathname: '/plan', params: { stockId: piece.id } }} asChild>
              <Pressable
                aria-label={`Plan ${piece.name}`}
                className="min-h-[56px] flex-row items-center gap-3 py-2 active:opacity-70"
              >
                <Type as="figure" style={{ width: 76 }}>
                  {piece.year ?? '–'}
                </Type>
                <View className="min-w-0 flex-1">
                  <Type as="label">{piece.name}</Type>
                  <Type as="small">{`${piece.quantity} here · ${piece.outsideFace === 'either' ? 'either face' : `${piece.outsideFace} outside`}`}</Type>
                </View>
                <Type as="strong" className="text-right">
                  {reachWords(reach, write.size)}
                </Type>
              </Pressable>
            </Link>
          </View>
        ))}
      </View>
      <Type as="small">
        Sizes with a straight wall and the punches you own, by the limits of rim and cut edge.
      </Type>
    </Screen>
  );
}
