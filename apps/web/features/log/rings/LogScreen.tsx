import type { LogEntry } from '@round-mint/contract/log';
import { format } from 'date-fns';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { useListLogQuery } from '@/store/api';
import { addressOf } from '@/store/call';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { ErrorStrip } from './ErrorStrip';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { logKindWords, logSummary, sizeErrorWords } from './log-model';

function LogRow({ entry }: { entry: LogEntry }) {
  const write = useWriters();
  const { actualWidthMm, predictedWidthMm } = entry;
  return (
    <View role="listitem">
      <Link href={{ pathname: '/log/[id]', params: { id: entry.ringId } }} asChild>
        <Pressable className="active:opacity-70 min-h-[64px] w-full flex-row items-center gap-3 border-b border-line py-2">
          <View className="flex-1">
            <Type as="heading">{entry.name}</Type>
            <Type as="small">{`${logKindWords(entry)}${entry.stockName} · ${format(new Date(entry.finishedAt), 'd MMM yyyy')}`}</Type>
          </View>
          <View className="items-end">
            <Type as="strong">{`${write.size(entry.predictedInsideDiameterMm)}: ${sizeErrorWords(entry.sizeErrorUs, write)}`}</Type>
            <Type as="small">
              {actualWidthMm === null
                ? `planned ${write.length(predictedWidthMm)} wide`
                : `${write.length(actualWidthMm)} wide, planned ${write.length(predictedWidthMm)}`}
            </Type>
          </View>
        </Pressable>
      </Link>
    </View>
  );
}

function summaryLine(entries: readonly LogEntry[], write: Writers): string {
  const { rings, meanErrorMm, meanWidthPercent } = logSummary(entries);
  const size = meanErrorMm === undefined ? '' : ` Off by ${write.meanAmount(meanErrorMm)} on average`;
  const width = meanWidthPercent === undefined ? '' : `, ${meanWidthPercent.toFixed(1)}\u00a0% in width`;
  return `${rings} finished ${rings === 1 ? 'ring' : 'rings'}.${size}${width}${size || width ? '.' : ''}`;
}

/** Predicted against actual. */
export function LogScreen() {
  return (
    <Fetched from={useListLogQuery()} what="the log">
      {(entries) => <Log entries={entries} />}
    </Fetched>
  );
}

function Log({ entries }: { entries: readonly LogEntry[] }) {
  const write = useWriters();
  return (
    <Screen
      maxWidth={860}
      testID="log-screen"
      header={<PlaceHeader title="Log" note={entries.length > 0 ? summaryLine(entries, write) : undefined} />}
      footer={<Button label="Log as CSV" onPress={() => download(addressOf(workshop.logCsv, {}))} />}
    >
      <LogTabs here="Rings" />
      {entries.length === 0 ? (
        <Empty title="No ring finished yet.">
          A ring that is finished at the bench shows here what was predicted and what came out.
        </Empty>
      ) : (
        <>
          <Type as="heading">Size, predicted against actual</Type>
          <ErrorStrip entries={entries} />
          <View role="list" aria-label="Finished rings">
            {entries.map((entry) => (
              <LogRow key={entry.ringId} entry={entry} />
            ))}
          </View>
        </>
      )}
    </Screen>
  );
}
