import { percentWords } from '@round-mint/core/format';
import type { LogEntry } from '@round-mint/contract/log';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { routeTotals } from '@round-mint/core/steps';
import { useLocalSearchParams } from 'expo-router';
import { useState, type ReactElement, type ReactNode } from 'react';
import { View } from 'react-native';
import { dayAndYear, momentOf } from '@/features/shared/words/dates';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { Ladder } from '@/drawings/ladder/Ladder';
import { Section } from '@/drawings/section/Section';
import { PicturedRingView } from '@/features/shared/picture/PicturedRingView';
import { useBenchPicture } from '@/features/shared/picture/use-bench-picture';
import { BegunFrom } from '@/features/shared/ring/BegunFrom';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { PhotoStrip } from '@/features/shared/ring/PhotoStrip';
import { OnShelf } from '@/features/shared/shelf/OnShelf';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useGetLogEntryQuery, useListPhotosQuery } from '@/store/api';
import { oneOf } from '@/store/use-one';
import { useRing } from '@/store/use-rings';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { ScrollArea } from '@/ui/ScrollArea';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';
import { ComparisonChart } from './ComparisonChart';
import { CorrectSheet } from './CorrectSheet';
import { LeaveOut } from './LeaveOut';
import { comparisons, sizeErrorWords } from './log-model';
import { ringHistory } from './ring-history';

const HEIGHT = 270;
const LADDER_WIDTH = 140;

/** The finished wall, and the ladder with every size it was read at. */
function FinishedDrawing({ ring, entry }: { ring: RingWithEvents; entry: LogEntry }) {
  const [width, setWidth] = useState(0);
  const { primarySystem, secondSystem } = useSettings();
  const write = useWriters();
  const { state, edges } = benchRing(ring);
  const { readings, steps } = state;
  const last = steps.at(-1);
  const actual = entry.actualInsideDiameterMm;
  return (
    <View
      // A width is told rounded: half a pixel more than there is would shrink both drawings, letters and all.
      onLayout={(event) => setWidth(event.nativeEvent.layout.width - 1)}
      style={{ height: HEIGHT }}
      className="flex-row"
    >
      {width > 0 && last ? (
        <Section
          outline={last.outline}
          width={width - LADDER_WIDTH}
          height={HEIGHT}
          length={write.length}
          edges={edges}
        />
      ) : null}
      {width > 0 ? (
        <Ladder
          width={LADDER_WIDTH}
          height={HEIGHT}
          targetMm={entry.predictedInsideDiameterMm}
          primary={primarySystem}
          second={secondSystem}
          pointers={actual === null ? [] : [{ label: 'ring', diameterMm: actual }]}
          history={readings.map(({ cutInsideDiameterMm }) => cutInsideDiameterMm)}
        />
      ) : null}
    </View>
  );
}

const CELL = 'flex-1 text-right';

function ComparisonTable({ entry }: { entry: LogEntry }) {
  const write = useWriters();
  return (
    <View role="table" aria-label="Predicted against actual">
      <View role="row" className="flex-row border-b-2 border-ink py-2">
        <View role="cell" className="flex-[1.4]" />
        {['planned', 'came out', 'off'].map((head) => (
          <Type key={head} as="label" role="columnheader" className={CELL}>
            {head}
          </Type>
        ))}
      </View>
      {comparisons(entry).map(({ name, predictedMm, actualMm }) => (
        <View key={name} role="row" className="flex-row border-b border-line py-2">
          <Type role="rowheader" className="flex-[1.4]">
            {name}
          </Type>
          <Type role="cell" className={CELL}>
            {write.length(predictedMm, 2)}
          </Type>
          <Type role="cell" as="strong" className={CELL}>
            {actualMm === null ? '–' : write.length(actualMm, 2)}
          </Type>
          <Type role="cell" className={CELL}>
            {actualMm === null ? '–' : percentWords(actualMm / predictedMm - 1, 1)}
          </Type>
        </View>
      ))}
      <View role="row" className="flex-row border-b border-line py-2">
        <Type role="rowheader" className="flex-[1.4]">
          Anneals
        </Type>
        <Type role="cell" className={CELL}>
          {String(entry.predictedAnneals)}
        </Type>
        <Type role="cell" as="strong" className={CELL}>
          {String(entry.actualAnneals)}
        </Type>
        <Type role="cell" className={CELL}>
          {String(entry.actualAnneals - entry.predictedAnneals).replace('-', '−')}
        </Type>
      </View>
    </View>
  );
}

/** One finished ring on a page of its own. */
export function LogRingScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <LoggedRing id={id}>
      {({ title, note, body }) => (
        <Screen
          maxWidth={760}
          testID="log-ring-screen"
          header={title === undefined ? undefined : <PlaceHeader title={title} note={note} />}
        >
          {body}
        </Screen>
      )}
    </LoggedRing>
  );
}

/** The same beside the list that it is chosen from. */
export function LogRingPane({ id }: { id: string }) {
  return (
    <LoggedRing id={id}>
      {({ title, note, body }) => (
        <ScrollArea contentContainerClassName="gap-3 px-6 py-4">
          {title === undefined ? null : (
            <View>
              <Type as="title" aria-level={2}>
                {title}
              </Type>
              <Type as="small">{note}</Type>
            </View>
          )}
          {body}
        </ScrollArea>
      )}
    </LoggedRing>
  );
}

interface ShownParts {
  /** Left out while it is not in the log. */
  readonly title?: string;
  readonly note?: string;
  readonly body: ReactNode;
}

/** One finished ring: predicted against actual, and its history. */
function LoggedRing({ id, children }: { id: string; children: (parts: ShownParts) => ReactElement }) {
  const ring = useRing(id);
  const entry = oneOf<LogEntry>(undefined, useGetLogEntryQuery(id));
  if (!entry.data && ring.data?.status === 'finished') {
    return children({ body: <OnItsWay ring={ring.data} /> });
  }
  if (entry.isMissing) {
    return children({
      body: (
        <Empty title="This ring is not in the log.">It may have been archived, or not be finished.</Empty>
      ),
    });
  }
  return (
    <Fetched from={both(entry, ring)} what="the ring">
      {([known, found]) =>
        children({
          title: known.name,
          note: `${known.stockName} · finished ${dayAndYear(known.finishedAt)}`,
          body: <FinishedRing key={known.ringId} entry={known} ring={found} />,
        })
      }
    </Fetched>
  );
}

/** Finished here, and not yet with the server: which may have refused a figure of it. */
function OnItsWay({ ring }: { ring: RingWithEvents }) {
  const { problem, retry } = useBenchLog(ring.id);
  const [correcting, setCorrecting] = useState(false);
  if (problem === undefined) {
    return (
      <Empty title="Finished, and on its way into the log.">
        It is kept here until the server has it; that may take until the server is back.
      </Empty>
    );
  }
  return (
    <View className="gap-3">
      <Notice level="stop" title={problem} live>
        The ring is kept here as it is. Nothing of it is lost.
      </Notice>
      <Button look="main" label="Change it" onPress={() => setCorrecting(true)} />
      <Button label="Send again" onPress={retry} />
      <CorrectSheet ring={ring} open={correcting} onClose={() => setCorrecting(false)} />
    </View>
  );
}

function FinishedRing({ entry, ring }: { entry: LogEntry; ring: RingWithEvents }) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  const { steps } = benchRing(ring).state;
  const pictured = useBenchPicture(ring);
  const hasPhotos = (useListPhotosQuery(ring.id).data ?? []).length > 0;
  const [correcting, setCorrecting] = useState(false);
  return (
    <>
      <Type as="figure">{`${write.size(entry.predictedInsideDiameterMm)}: ${sizeErrorWords(entry.sizeErrorUs, write)}`}</Type>
      <OnShelf ringId={ring.id} />
      <FinishedDrawing ring={ring} entry={entry} />
      <ComparisonChart entry={entry} forecast={ring.forecast} />
      <ComparisonTable entry={entry} />
      <View className="items-start">
        <TextButton label="Correct the figures" onPress={() => setCorrecting(true)} />
      </View>
      <CorrectSheet ring={ring} open={correcting} onClose={() => setCorrecting(false)} />
      <LeaveOut ring={ring} entry={entry} />
      <BegunFrom ring={ring} />
      <RouteStrip steps={steps} totals={routeTotals(steps)} />
      {pictured ? (
        <View role="group" aria-label="Seen before" className="gap-2">
          <Type as="heading">Seen before</Type>
          <PicturedRingView pictured={pictured} height={HEIGHT} />
        </View>
      ) : null}
      {hasPhotos ? <Type as="heading">Came out</Type> : null}
      <PhotoStrip ringId={ring.id} />
      <Type as="heading">What happened</Type>
      <View role="list" aria-label="History">
        {ringHistory(ring, write, primarySystem).map(({ id: eventId, at, text }) => (
          <View key={eventId} role="listitem" className="flex-row gap-3 border-b border-line py-1.5">
            <Type as="small" className="w-[104px]">
              {momentOf(at)}
            </Type>
            <Type className="flex-1">{text}</Type>
          </View>
        ))}
      </View>
    </>
  );
}
