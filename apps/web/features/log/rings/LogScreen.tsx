import type { LogEntry, LogSummary } from '@round-mint/contract/log';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { askedBy, hasWords, useSearchedPages, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useGetLogSummaryQuery, useLogPagesInfiniteQuery } from '@/store/api';
import { addressOf } from '@/store/call';
import { usePages, type Asked, type Paged } from '@/store/lists';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { Field } from '@/ui/Field';
import { Screen } from '@/ui/Screen';
import { ScrollArea } from '@/ui/ScrollArea';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { ErrorStrip } from './ErrorStrip';
import { summaryWords } from './log-model';
import { LogList } from './LogList';
import { LogRingPane } from './LogRingScreen';

function useLogPages(asked: Asked, options: { readonly skip: boolean }): Paged<LogEntry> {
  return usePages(useLogPagesInfiniteQuery(asked, options));
}

/** The log, narrowed to what is searched. */
function useLogList() {
  const [search, setSearch] = useState('');
  const typed = useMemo(() => askedBy(search), [search]);
  const { all, shown, narrowHere } = useSearchedPages(useLogPages, typed);
  const entries = useMemo(() => {
    const words = narrowHere ? wordsOf(search) : [];
    return (shown.data ?? []).filter(({ name }) => hasWords(name, words));
  }, [shown.data, narrowHere, search]);
  return { all, shown, entries, search, setSearch };
}

type Log = ReturnType<typeof useLogList>;

/** Predicted against actual. */
export function LogScreen() {
  const log = useLogList();
  return (
    <Fetched from={both(log.all, useGetLogSummaryQuery())} what="the log">
      {([, summary]) => <LogView log={log} summary={summary} />}
    </Fetched>
  );
}

function LogView({ log, summary }: { log: Log; summary: LogSummary }) {
  const write = useWriters();
  const wide = useWidthClass() === 'wide';
  const [chosenId, setChosenId] = useState<string>();
  const { all, shown, entries, search, setSearch } = log;
  const chosen = entries.find(({ ringId }) => ringId === chosenId) ?? entries[0];
  const head = (
    <PlaceHeader title="Log" note={summary.rings > 0 ? summaryWords(summary, write) : undefined} />
  );
  const footer = <Button label="Log as CSV" onPress={() => download(addressOf(workshop.logCsv, {}))} />;
  const list =
    all.data?.length === 0 ? (
      <Empty title="No ring finished yet.">
        A ring that is finished at the bench shows here what was predicted and what came out.
      </Empty>
    ) : (
      <>
        <Type as="heading">Size, predicted against actual</Type>
        <ErrorStrip sizeErrors={summary.sizeErrors} />
        <Field label="Search rings by name" value={search} onChangeText={setSearch} testID="log-search" />
        {shown.data && entries.length === 0 ? (
          <Empty title="No ring has this name.">Search for part of it.</Empty>
        ) : (
          <LogList
            entries={entries}
            from={shown}
            {...(wide ? { chosenId: chosen?.ringId, onChoose: setChosenId } : {})}
          />
        )}
      </>
    );
  if (!wide) {
    return (
      <Screen maxWidth={860} testID="log-screen" header={head} footer={footer}>
        <LogTabs here="Rings" />
        {list}
      </Screen>
    );
  }
  return (
    <View className="flex-1 flex-row" testID="log-screen">
      <View className="min-w-0 flex-1 border-r border-line print:hidden">
        <ScrollArea contentContainerClassName="gap-3 px-5 pb-6 pt-4">
          {head}
          <LogTabs here="Rings" />
          {list}
        </ScrollArea>
        <View className="border-t border-line px-5 py-3">{footer}</View>
      </View>
      <View className="min-w-0 flex-1">{chosen ? <LogRingPane id={chosen.ringId} /> : null}</View>
    </View>
  );
}
