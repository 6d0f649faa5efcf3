import { isRead } from '@round-mint/core/bench';
import { doneBody } from '@round-mint/core/ring';
import { routeTotals, type RouteStep } from '@round-mint/core/steps';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { useHolds } from '@/features/shared/ring/use-holds';
import { PhotoSheet } from '@/features/shared/ring/PhotoSheet';
import { RouteList } from '@/features/shared/ring/RouteList';
import { useWriters } from '@/features/shared/settings/use-settings';
import { AskAnnealSheet } from './AskAnnealSheet';
import { AskDoneSheet } from './AskDoneSheet';
import { AskReadingSheet } from './AskReadingSheet';
import { ChooseFinishSheet } from './ChooseFinishSheet';
import { Button } from '@/ui/Button';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { doneNeed } from './done-needs';
import { FinishForm } from './FinishForm';
import { HoleSheet } from './HoleSheet';
import { LeafRow } from './LeafRow';
import { OutOfReachNotice } from './OutOfReachNotice';
import { ReadingSheet } from './ReadingSheet';
import { RingMenu } from './RingMenu';
import { RolledSheet } from './RolledSheet';
import type { SheetName } from './sheet-name';
import { StepActions } from './StepActions';
import { StepView } from './StepView';
import { ThinEdgeNotice, thinRouteOf } from './ThinEdgeNotice';
import { TroubleSheet } from './TroubleSheet';
import { useBenchKeys } from './use-bench-keys';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { cautionRead } from './use-caution-seen';
import { useDerived } from './use-derived';
import { useSwipe } from '@/ui/use-swipe';
import { useWakeLock } from './use-wake-lock';

/** Leafing through the steps without doing them; a step that is done brings the maker back to the one at hand. */
function useLeaf({ state }: BenchRing) {
  const [leaf, setLeaf] = useState({ at: state.step, from: state.step });
  const at = leaf.from === state.step ? leaf.at : state.step;
  const last = state.steps.length - 1;
  const here = Math.min(at, last);
  const turn = useCallback(
    (direction: 1 | -1) => setLeaf({ at: Math.max(0, Math.min(last, here + direction)), from: state.step }),
    [here, last, state.step],
  );
  return {
    at: here,
    turn,
    home: () => setLeaf({ at: state.step, from: state.step }),
  };
}

/** A phone held sideways is lower than this, px: what is done stands beside the step then, not under it. */
const LOW_PX = 500;
const SIDE = { width: 320 };

/** A ring at the bench: one step, and the thumb's actions below. */
export function RingWork({ bench: kept }: { bench: BenchRing }) {
  const { bench, word, log } = useDerived(kept, useBenchLog(kept.ring.id));
  const { ring, state, step } = bench;
  const write = useWriters();
  const [sheet, setSheet] = useState<SheetName>();
  const leaf = useLeaf(bench);
  useWakeLock();
  const scroll = useRef<ScrollView>(null);
  // A new step begins at its verb, wherever the last one was left.
  useEffect(() => scroll.current?.scrollTo({ y: 0, animated: false }), [leaf.at]);
  const swipe = useSwipe(leaf.turn);
  const held = useHolds()(bench) !== undefined;
  const sideways = useWindowDimensions().height < LOW_PX;
  const thin = thinRouteOf(word.derived);
  const finishStep = ({ kind }: RouteStep) => {
    cautionRead(kind);
    log.log(doneBody(kind, state.step));
  };
  const done = () => {
    if (!step) return;
    const need = doneNeed(bench, word, held);
    if (need === undefined) finishStep(step);
    else if (need !== 'held') setSheet(need);
  };
  const away = step !== undefined && leaf.at !== state.step;
  useBenchKeys(
    {
      next: () => leaf.turn(1),
      back: () => leaf.turn(-1),
      done: () => (away ? leaf.home() : done()),
      read: () => {
        if (step?.rolling) setSheet('rolled');
        else if (step && isRead(step)) setSheet('reading');
      },
      trouble: () => step && setSheet('trouble'),
      undo: () => state.lastEventId && log.log({ kind: 'undone', eventId: state.lastEventId }),
    },
    sheet !== undefined,
  );
  const shown = away ? state.steps[leaf.at] : step;
  const close = () => setSheet(undefined);
  return (
    <View className="flex-1 bg-paper" testID="ring-screen">
      <View className="px-4 pt-1">
        <RingMenu bench={bench} log={log} />
      </View>
      <View className={sideways ? 'flex-1 flex-row' : 'flex-1'}>
        <ScrollView ref={scroll} className="flex-1">
          <View className="gap-4 px-4 pb-6" {...swipe} testID="leaf">
            {word.derived.kind === 'out-of-reach' ? (
              <OutOfReachNotice answer={word.derived} targetMm={bench.targetMm} log={log} />
            ) : null}
            {thin ? (
              <ThinEdgeNotice
                thin={thin}
                log={log}
                asking={sheet === 'thin'}
                onAsk={(asking) => setSheet(asking ? 'thin' : undefined)}
              />
            ) : null}
            {shown ? (
              <StepView
                key={away ? leaf.at : 'at-hand'}
                bench={bench}
                word={word}
                log={log}
                step={shown}
                at={leaf.at}
              />
            ) : (
              <FinishForm bench={bench} log={log} onPhoto={() => setSheet('photo')} />
            )}
            <RouteStrip
              steps={state.steps}
              totals={routeTotals(state.steps.slice(state.step))}
              current={state.step}
            />
            <RouteList
              about={`${ring.name}, ${write.size(bench.targetMm)}`}
              steps={state.steps}
              done={state.step}
              names={bench.edges}
              atBench
            />
          </View>
        </ScrollView>
        {step ? (
          <View
            className={`px-4 pb-2 pt-2 ${sideways ? 'justify-end border-l' : 'border-t'} border-line`}
            style={sideways ? SIDE : undefined}
          >
            {away ? (
              <LeafRow turn={leaf.turn}>
                <Button
                  look="main"
                  label={`To the step at hand: ${state.step + 1}`}
                  className="flex-1"
                  onPress={leaf.home}
                  testID="to-step-at-hand"
                />
              </LeafRow>
            ) : (
              <StepActions
                bench={bench}
                step={step}
                log={log}
                mayAnneal={word.mayAnneal}
                onDone={done}
                onOpen={setSheet}
                onTurn={leaf.turn}
              />
            )}
          </View>
        ) : null}
      </View>
      {step && sheet === 'trouble' ? (
        <TroubleSheet
          bench={bench}
          step={step}
          log={log}
          onClose={close}
          onRead={() => setSheet('reading')}
        />
      ) : null}
      {step && sheet === 'reading' ? (
        <ReadingSheet key={state.step} bench={bench} step={step} log={log} onClose={close} />
      ) : null}
      {step?.rolling && sheet === 'rolled' ? (
        <RolledSheet key={state.step} index={state.step} rolling={step.rolling} log={log} onClose={close} />
      ) : null}
      {sheet === 'done' ? (
        <AskDoneSheet bench={bench} log={log} onRead={() => setSheet('reading')} onClose={close} />
      ) : null}
      {step && sheet === 'unread' ? (
        <AskReadingSheet
          onRead={() => setSheet('reading')}
          onGoOn={() => {
            close();
            finishStep(step);
          }}
          onClose={close}
        />
      ) : null}
      {sheet === 'anneal' ? <AskAnnealSheet bench={bench} log={log} onClose={close} /> : null}
      {sheet === 'photo' ? <PhotoSheet ringId={ring.id} kind={step?.kind} onClose={close} /> : null}
      {sheet === 'finish' ? <ChooseFinishSheet bench={bench} log={log} onClose={close} /> : null}
      {sheet === 'hole' && bench.coinRing ? (
        <HoleSheet ring={bench.coinRing} log={log} onClose={close} />
      ) : null}
    </View>
  );
}
