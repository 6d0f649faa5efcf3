import { percentWords } from '@round-mint/core/format';
import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { pieceInputOf } from '@/features/shared/words/piece-input';
import { useSaveStockMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { usePiece } from '@/store/use-stock';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { foundParam } from './found-piece';
import { nextWords, testOutcome, testTexts, verdictWords, type TestTexts } from './identify-model';
import { OperationList } from './OperationList';

const MAGNET = [
  { value: 'none', label: 'nothing' },
  { value: 'weak', label: 'a faint pull' },
  { value: 'sticks', label: 'it sticks' },
];
const MARKED = [
  { value: 'none', label: 'none' },
  { value: 'found', label: 'there are' },
];
const STONE = [
  { value: 'milky-pale-blue', label: 'milky, pale blue' },
  { value: 'dissolves', label: 'dissolves' },
  { value: 'stays', label: 'stays as it is' },
];

const WEIGHINGS = [
  { key: 'airG', label: 'In air', unit: 'g' },
  { key: 'waterG', label: 'In water', unit: 'g' },
  { key: 'waterTempC', label: 'Water', unit: '°C' },
] as const;

function Part({
  number,
  title,
  about,
  children,
}: {
  number: number;
  title: string;
  about: string;
  children: ReactNode;
}) {
  return (
    <View className="gap-2 border-b border-line pb-4">
      <Type as="heading">{`${number}. ${title}`}</Type>
      <Type as="small">{about}</Type>
      {children}
    </View>
  );
}

/** How probable each metal is, as bars with their figures. */
function Suspects({
  suspects,
}: {
  suspects: readonly { readonly name: string; readonly probability: number }[];
}) {
  return (
    <View role="list" aria-label="What it may be" className="gap-1">
      {suspects.slice(0, 4).map(({ name, probability }) => (
        <View key={name} role="listitem" className="flex-row items-center gap-3">
          <Type as="label" className="w-[190px]" numberOfLines={1}>
            {name}
          </Type>
          <View className="h-3 flex-1 border border-line">
            <View className="h-full bg-ink" style={{ width: `${probability * 100}%` }} />
          </View>
          <Type as="label" className="w-[48px] text-right">
            {percentWords(probability)}
          </Type>
        </View>
      ))}
    </View>
  );
}

function IdentifyPiece({ piece }: { piece: StockItem | undefined }) {
  const router = useRouter();
  const [texts, setTexts] = useState<TestTexts>(() => testTexts(piece?.evidence));
  const [weighing, setWeighing] = useState<'airG' | 'waterG'>('airG');
  const [save, { isLoading }] = useSaveStockMutation();
  const [problem, setProblem] = useState<string>();
  const put = (key: keyof TestTexts) => (text: string) => setTexts((before) => ({ ...before, [key]: text }));
  const { evidence, identity, problems, density } = testOutcome(texts, piece);
  const keep = async () => {
    if (!piece || !identity) return;
    setProblem(undefined);
    try {
      const metal = identity.certainty === 'sure' ? identity.metal : piece.metal;
      await save({ ...pieceInputOf(piece), metal, evidence, isNew: false, base: piece }).unwrap();
      router.replace({ pathname: '/stock/[id]', params: { id: piece.id } });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  const renamed = piece && identity?.certainty === 'sure' && identity.metal !== piece.metal;
  return (
    <Screen
      maxWidth={640}
      testID="identify-screen"
      header={
        <>
          <PlaceHeader title="What is this piece?" note={piece?.name ?? 'Before anything is spoilt'} />
          <StockTabs here="What is it?" />
        </>
      }
      footer={
        <View className="gap-1">
          <View role="status">
            <Type as="heading" testID="identity">
              {identity ? verdictWords(identity) : 'Nothing tested yet'}
            </Type>
          </View>
          {piece ? (
            <Button
              look="main"
              label={isLoading ? 'Saving …' : 'Save result'}
              disabled={!identity || isLoading}
              onPress={() => void keep()}
            />
          ) : (
            <Button
              look="main"
              label="Enter it in the stock"
              disabled={!identity}
              onPress={() => router.push({ pathname: '/stock/new', params: { found: foundParam(evidence) } })}
            />
          )}
        </View>
      }
    >
      <Part number={1} title="Magnet" about="Where it sticks it is steel, or nickel: no ring is made of it.">
        <Choices
          label="A magnet"
          choices={MAGNET}
          value={texts.magnet}
          onChange={put('magnet')}
          minWidth={96}
        />
      </Part>
      <Part
        number={2}
        title="Marks"
        about="Sterling, fineness numbers such as 925, plate marks such as EPNS; with a loupe, in the light."
      >
        <Choices label="Marks" choices={MARKED} value={texts.marked} onChange={put('marked')} />
        {texts.marked === 'found' ? (
          <Field label="What they say" value={texts.mark} onChangeText={put('mark')} autoCapitalize="none" />
        ) : null}
      </Part>
      <Part
        number={3}
        title="Density"
        about="Weigh it dry; then hanging by a thread in a glass of water that stands on the scale’s bridge, not touching, without bubbles."
      >
        <View className="flex-row gap-3">
          {WEIGHINGS.map(({ key, label, unit }) => (
            <Field
              key={key}
              className="flex-1"
              label={label}
              unit={unit}
              value={texts[key]}
              onChangeText={put(key)}
              onFocus={() => key !== 'waterTempC' && setWeighing(key)}
              error={problems[key]}
              inputMode="decimal"
            />
          ))}
        </View>
        <TakeFrom
          device="scale"
          onTake={(grams) => {
            put(weighing)(String(grams));
            setWeighing('waterG');
          }}
        />
        {density ? (
          <Type as="label" testID="density">
            {`${density.densityGCm3.toFixed(2)} ± ${density.errorGCm3.toFixed(2)} g/cm³, by a scale that reads to 0.01 g`}
          </Type>
        ) : null}
      </Part>
      <Part
        number={4}
        title="Stone"
        about="Rub a hidden place on the stone, never put acid on the piece. One drop of the acid sold for 18-carat gold on the stroke."
      >
        <Notice level="warn" title="Acid: gloves, goggles, open window.">
          Follow its data sheet; add acid to water, never water to acid. Local rules say how it is disposed
          of.
        </Notice>
        <Choices
          label="The stroke"
          choices={STONE}
          value={texts.stone}
          onChange={put('stone')}
          minWidth={96}
        />
      </Part>
      {identity ? (
        <View className="gap-3">
          <Suspects suspects={identity.suspects} />
          <OperationList may={identity.may} />
          <Type as="small">{nextWords(identity)}</Type>
          {renamed ? (
            <Notice level="note" title={`Kept, it is entered as ${metalById(identity.metal).name}.`} />
          ) : null}
        </View>
      ) : null}
      {problem ? <Notice level="stop" title={problem} live /> : null}
    </Screen>
  );
}

/** A guided test before anything is spoilt; with a piece of stock its verdict is kept there, and gates the planners. */
export function IdentifyScreen() {
  const { stockId } = useLocalSearchParams<{ stockId?: string }>();
  const piece = usePiece(stockId);
  if (stockId === undefined || piece.isMissing) return <IdentifyPiece key="none" piece={undefined} />;
  return (
    <Fetched from={piece} what="the piece">
      {(found) => <IdentifyPiece key={stockId} piece={found} />}
    </Fetched>
  );
}
