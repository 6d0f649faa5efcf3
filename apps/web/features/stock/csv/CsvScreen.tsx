import type { CsvImportResult, CsvTableName } from '@round-mint/contract/csv';
import type { Endpoint } from '@round-mint/contract/endpoint';
import { useState } from 'react';
import { View } from 'react-native';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { CSV_CALLS, useImportCsvMutation } from '@/store/api';
import { addressOf } from '@/store/call';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { pickFile } from '@/ui/pick-file';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { previewWords, rowWords } from './csv-words';

const TABLES = [
  { value: 'stock', label: 'pieces' },
  { value: 'kit', label: 'tools' },
  { value: 'people', label: 'people' },
  { value: 'orders', label: 'orders' },
  { value: 'scrap', label: 'scrap' },
  { value: 'supplies', label: 'supplies' },
] as const;

/** What a row may leave out, by table. */
const ROWS: Readonly<Record<CsvTableName, string>> = {
  stock: 'A row with an id, or with a name that is there once, changes that piece.',
  kit: 'A row with an id, or with a name that is there once, changes that tool.',
  people:
    'A row with an id, or with a name that is there once, changes that person. A finger is hand:finger:size:mm:how it was measured:gauge width:knuckle.',
  orders:
    'A row with an id, or with a name that is there once, changes that order. A new one finds its person by personId, or by the name under person.',
  scrap: 'A row with an id changes that thing; one without is new.',
  supplies: 'Each row is one of the supplies, by its id. A changed count is taken as counted now.',
};

/** So many rows that add or change something are shown; a longer file is told by their number. */
const MOST_SHOWN = 200;

/** What each row would do; rows that change nothing are only counted. */
function Preview({ result }: { result: CsvImportResult }) {
  const changing = result.rows.filter(({ action }) => action !== 'same');
  // What is refused has to be put right: it is never among those that are only counted.
  const refused = changing.filter(({ action }) => action === 'refused');
  const others = changing.filter(({ action }) => action !== 'refused').slice(0, MOST_SHOWN);
  const shown = [...refused, ...others];
  const more = changing.length - shown.length;
  return (
    <View className="gap-1">
      <View role="status">
        <Type as="heading" testID="csv-summary">
          {previewWords(result)}
        </Type>
      </View>
      <View role="list" aria-label="Rows of the file">
        {shown.map((row) => (
          <View key={row.row} role="listitem" className="border-b border-line py-2">
            <Type as="strong" numberOfLines={2} className={row.action === 'refused' ? 'text-stop' : ''}>
              {`${row.action === 'refused' ? '✕ ' : ''}Row ${row.row}: ${row.name || 'no name'}`}
            </Type>
            <Type as="small">{rowWords(row)}</Type>
          </View>
        ))}
      </View>
      {more > 0 ? <Type as="small">{`and ${more} more like these`}</Type> : null}
    </View>
  );
}

/** Stored lists as tables: out as CSV, and in with a look before anything changes. */
export function CsvScreen() {
  const [table, setTable] = useState<CsvTableName>('stock');
  const [file, setFile] = useState<{ readonly name: string; readonly csv: string }>();
  const [result, setResult] = useState<CsvImportResult>();
  const [problem, setProblem] = useState<string>();
  const [importCsv, { isLoading }] = useImportCsvMutation();
  const send = async (csv: string, dryRun: boolean) => {
    setProblem(undefined);
    try {
      setResult(await importCsv({ table, csv, dryRun }).unwrap());
    } catch (error) {
      setResult(undefined);
      setProblem(problemText(error));
    }
  };
  const look = async () => {
    const chosen = await pickFile({ accept: '.csv,text/csv' });
    if (!chosen) return;
    const csv = await chosen.text();
    setFile({ name: chosen.name, csv });
    await send(csv, true);
  };
  const clear = () => {
    setFile(undefined);
    setResult(undefined);
    setProblem(undefined);
  };
  const whole = result?.dryRun === true && result.rows.every(({ action }) => action !== 'refused');
  const something = result?.rows.some(({ action }) => action === 'add' || action === 'change') ?? false;
  return (
    <Screen
      maxWidth={760}
      testID="csv-screen"
      header={
        <>
          <PlaceHeader title="Stock" note="Lists as tables for other programs" />
          <StockTabs here="Tables" />
        </>
      }
      footer={
        <Button
          look="main"
          label={isLoading ? 'Reading …' : 'Take it in'}
          disabled={!file || !whole || !something || isLoading}
          onPress={() => file && void send(file.csv, false)}
        />
      }
    >
      <LabelledChoices
        label="Which table"
        minWidth={96}
        choices={TABLES}
        value={table}
        onChange={(next) => {
          setTable(next);
          clear();
        }}
      />
      <Button
        label="Save it as CSV"
        onPress={() => window.open(addressOf<Endpoint>(CSV_CALLS[table].exportCsv, {}), '_self')}
      />
      <Button
        label={file ? `Another file than ${file.name}` : 'Look into a CSV file'}
        onPress={() => void look()}
      />
      <Type as="small">
        {`The first row names the columns, as in the file that is saved here. ${ROWS[table]} Columns that the file leaves out stay as they are. Nothing is imported while a row is refused.`}
      </Type>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {result ? <Preview result={result} /> : null}
    </Screen>
  );
}
