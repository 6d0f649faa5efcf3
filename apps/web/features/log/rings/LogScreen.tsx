import type { LogEntry, LogSummary } from '@round-mint/contract/log';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { dayAndYear } from '@/features/shared/words/dates';
import { useGetLogSummaryQuery, useLogPagesInfiniteQuery } from '@/store/api';
import { addressOf } from '@/store/call';
import { ALL, usePages, type Paged } from '@/store/lists';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { ErrorStrip } from './ErrorStrip';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { logKindWords, sizeErrorWords, summaryWords } from './log-model';

function LogRow({ entry }: { entry: LogEntry }) {
  const write = useWriters();
  const { actualWidthMm, predictedWidthMm } = entry;
  return (
    <Link href={{ pathname: '/log/[id]', params: { id: entry.ringId } }} asChild>
      <Pressable className="active:opacity-70 min-h-[64px] w-full flex-row items-center gap-3 border-b border-line py-2">
        <View className="flex-1">
          <Type as="heading">{entry.name}</Type>
          <Type as="small">{`${logKindWords(entry)}${entry.stockName} · ${dayAndYear(entry.finishedAt)}`}</Type>
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
  );
}

const ROW_PX = 69;

/** Predicted against actual. */
export function LogScreen() {
  const log = usePages(useLogPagesInfiniteQuery(ALL));
  return (
    <Fetched from={both(log, useGetLogSummaryQuery())} what="the log">
      {([, summary]) => <Log log={log} summary={summary} />}
    </Fetched>
  );
}

function Log({ log, summary }: { log: Paged<LogEntry>; summary: LogSummary }) {
  const write = useWriters();
  const { data: entries = [] } = log;
  return (
    <Screen
      maxWidth={860}
      testID="log-screen"
      header={<PlaceHeader title="Log" note={summary.rings > 0 ? summaryWords(summary, write) : undefined} />}
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
          <ErrorStrip sizeErrors={summary.sizeErrors} />
          <VirtualRows
            label="Finished rings"
            items={entries}
            keyOf={({ ringId }) => ringId}
            rowPx={ROW_PX}
            from={log}
            renderRow={(entry) => <LogRow entry={entry} />}
          />
        </>
      )}
    </Screen>
  );
}
