import { countWords } from '@round-mint/core/format';
import type { StockItem } from '@round-mint/contract/stock';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useCopy } from '@/features/shared/screen/use-copy';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { ScrollArea } from '@/ui/ScrollArea';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { PieceDetail } from './PieceDetail';
import { PlanFromIt } from './PlanFromIt';
import { StockGrid } from './StockGrid';
import { StockRows } from './StockRows';
import { StockTiles } from './StockTiles';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { tableText, useStockTable, type StockList } from './use-stock-table';

/** What can be made from what is here. */
export function StockScreen() {
  const list = useStockTable();
  return (
    <Fetched from={list.all} what="the stock">
      {(pieces) => <Drawer list={list} pieces={pieces} />}
    </Fetched>
  );
}

/** Instead of rows, where there are none. */
function NoRows({ list, pieces }: { list: StockList; pieces: readonly StockItem[] }) {
  if (pieces.length === 0) {
    return (
      <Empty title="The stock is empty.">
        What rings are made from stands here. “Add a piece”: a coin, silverware or a strip, weighed and
        measured once.
      </Empty>
    );
  }
  if (!list.shown.data)
    return (
      <Type as="small" role="status">
        Searching …
      </Type>
    );
  return <Empty title="Nothing matches.">Search for part of a name, an issuer, a metal or a year.</Empty>;
}

function Drawer({ list, pieces }: { list: StockList; pieces: readonly StockItem[] }) {
  const wide = useWidthClass() === 'wide';
  const router = useRouter();
  const empty = list.table.getRowModel().rows.length === 0 ? <NoRows list={list} pieces={pieces} /> : null;
  const addPiece = () => router.push('/stock/new');
  const searchBox = (
    <Field
      label="Search name, metal, year"
      value={list.search}
      onChangeText={list.setSearch}
      testID="stock-search"
    />
  );
  if (wide) return <WideStock list={list} searchBox={searchBox} empty={empty} onAdd={addPiece} />;
  const count = `${list.all.more ? 'over ' : ''}${countWords(pieces.length, 'kind', 'kinds')} of piece`;
  return (
    <Screen
      testID="stock-screen"
      header={<PlaceHeader title="Stock" note={`${count} in stock`} />}
      footer={
        <View className="flex-row gap-2">
          <BeginHalfMade />
          <Button look="main" label="Add a piece" className="flex-1" onPress={addPiece} />
        </View>
      }
    >
      <StockTabs here="Pieces" />
      {searchBox}
      {empty ?? <StockRows list={list} />}
    </Screen>
  );
}

/** A ring that came half-made goes to the bench from here. */
function BeginHalfMade() {
  const router = useRouter();
  return <Button label="Begin half-made" onPress={() => router.push('/plan/begin')} />;
}

interface WideStockProps {
  list: StockList;
  searchBox: React.ReactNode;
  empty: React.ReactNode;
  onAdd: () => void;
}

const SIDE_WIDTH = 400;

const LOOKS = [
  { value: 'table', label: 'table' },
  { value: 'pictures', label: 'pictures' },
] as const;

function WideStock({ list, searchBox, empty, onAdd }: WideStockProps) {
  const [chosenId, setChosenId] = useState<string>();
  const [look, setLook] = useState<'table' | 'pictures'>('table');
  const rows = list.table.getRowModel().rows;
  const chosen = (rows.find(({ original }) => original.id === chosenId) ?? rows[0])?.original;
  const Shown = look === 'table' ? StockGrid : StockTiles;
  const copyOut = useCopy();
  const copy = () => copyOut(tableText(list.table), 'The table was');
  return (
    <View className="flex-1 flex-row" testID="stock-screen">
      <View className="min-w-0 flex-1">
        <View className="gap-2 px-5 pb-2 pt-4">
          <View className="flex-row items-center gap-3">
            <Type as="title" className="flex-1">
              Stock
            </Type>
            <Button label="Copy table" onPress={() => void copy()} />
            <BeginHalfMade />
            <Button label="Add a piece" onPress={onAdd} />
          </View>
          <StockTabs here="Pieces" />
          <View className="flex-row items-end gap-4">
            <View className="flex-1">{searchBox}</View>
            <View style={{ width: 200 }}>
              <LabelledChoices label="Shown as" choices={LOOKS} value={look} onChange={setLook} />
            </View>
          </View>
        </View>
        <ScrollArea contentContainerClassName="px-5 pb-6">
          {empty ?? <Shown list={list} chosenId={chosen?.id} onChoose={setChosenId} />}
        </ScrollArea>
      </View>
      {chosen ? (
        <View style={{ width: SIDE_WIDTH }} className="border-l border-line">
          <ScrollView contentContainerClassName="gap-2 px-5 py-4">
            <Type as="title" aria-level={2}>
              {chosen.name}
            </Type>
            <PieceDetail piece={chosen} onRemoved={() => setChosenId(undefined)} />
          </ScrollView>
          <View className="border-t border-line px-5 py-3">
            <PlanFromIt piece={chosen} />
          </View>
        </View>
      ) : null}
    </View>
  );
}
