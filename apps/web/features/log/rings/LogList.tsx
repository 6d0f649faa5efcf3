import type { LogEntry } from '@round-mint/contract/log';
import { Link } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { dayAndYear } from '@/features/shared/words/dates';
import { useWriters } from '@/features/shared/settings/use-settings';
import type { GoesOn } from '@/ui/ShowMore';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { logKindWords, sizeErrorWords } from './log-model';
import { logRows, type LogMonth } from './log-rows';

const ROW_PX = 69;

function RingLine({ entry }: { entry: LogEntry }) {
  const write = useWriters();
  const { actualWidthMm, predictedWidthMm } = entry;
  return (
    <>
      <View className="min-w-0 flex-1">
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
    </>
  );
}

interface RingRowProps {
  entry: LogEntry;
  isChosen: boolean;
  onChoose: ((ringId: string) => void) | undefined;
}

const ROW = 'active:opacity-70 min-h-[64px] w-full flex-row items-center gap-3 border-b border-line py-2';

/** A ring that leads to its page, or is shown beside the list. */
function RingRow({ entry, isChosen, onChoose }: RingRowProps) {
  const { ringId } = entry;
  if (onChoose) {
    return (
      <Pressable
        role="button"
        aria-pressed={isChosen}
        onPress={() => onChoose(ringId)}
        className={`${ROW} px-2 ${isChosen ? 'bg-fold' : ''}`}
      >
        <RingLine entry={entry} />
      </Pressable>
    );
  }
  return (
    <Link href={{ pathname: '/log/[id]', params: { id: ringId } }} asChild>
      <Pressable className={ROW}>
        <RingLine entry={entry} />
      </Pressable>
    </Link>
  );
}

/** Leads to the rings of a month; of one month alone it says nothing. */
function Months({
  months,
  onGo,
}: {
  months: readonly LogMonth[];
  onGo: (to: { readonly index: number }) => void;
}) {
  if (months.length < 2) return null;
  return (
    <ScrollView horizontal role="group" aria-label="Go to a month" contentContainerClassName="gap-4">
      {months.map(({ text, rings, index }) => (
        <TextButton
          key={text}
          label={`${text} (${rings})`}
          describe={`Go to ${text}`}
          onPress={() => onGo({ index })}
        />
      ))}
    </ScrollView>
  );
}

interface LogListProps {
  entries: readonly LogEntry[];
  /** How the list goes on. */
  from: GoesOn;
  chosenId?: string | undefined;
  /** Left out where each ring has its own page. */
  onChoose?: ((ringId: string) => void) | undefined;
}

/** Finished rings under their months. */
export function LogList({ entries, from, chosenId, onChoose }: LogListProps) {
  const { rows, months } = useMemo(() => logRows(entries), [entries]);
  const [goTo, setGoTo] = useState<{ readonly index: number }>();
  return (
    <>
      <Months months={months} onGo={setGoTo} />
      <VirtualRows
        label="Finished rings"
        items={rows}
        keyOf={({ key }) => key}
        rowPx={ROW_PX}
        from={from}
        goTo={goTo}
        renderRow={(row) =>
          row.kind === 'month' ? (
            <Type as="heading" aria-level={3} className="border-b-2 border-ink pb-1 pt-4">
              {row.text}
            </Type>
          ) : (
            <RingRow entry={row.entry} isChosen={row.entry.ringId === chosenId} onChoose={onChoose} />
          )
        }
      />
    </>
  );
}
