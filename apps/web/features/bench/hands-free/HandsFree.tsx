import { doneBody } from '@round-mint/core/ring';
import { waitClock } from '@round-mint/core/steps';
import { capital } from '@round-mint/core/format';
import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import { doneNeed } from '@/features/bench/ring/done-needs';
import { useDerived } from '@/features/bench/ring/use-derived';
import { useWakeLock } from '@/features/bench/ring/use-wake-lock';
import { verbOf, type BenchRing } from '@/features/shared/ring/bench-model';
import { say } from '@/features/shared/ring/speech';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { useHolds } from '@/features/shared/ring/use-holds';
import { useNow } from '@/features/shared/ring/use-now';
import { useWaitLog } from '@/features/shared/ring/use-waits';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { waitWords } from '@/features/shared/words/wait-words';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { useSettled } from '@/ui/use-settled';
import { askWords, bathToStart, markOf, mayGoOn, spokenStep } from './hands-free-model';
import { useFootPedal } from './use-foot-pedal';

/** Presses nearer to each other than this are one. */
const BOUNCE_MS = 400;

/** The window that letters of these sizes were chosen on, px: a phone held upright. */
const CHOSEN_ON = { width: 390, height: 500 };
/** Width of a sign of the mark against its height; share of the window that it may be high. */
const SIGN_WIDTH = 0.66;
const MARK_SHARE = 0.3;
const MARGINS_PX = 32;

/** Letters as large as the window allows; side by side where it is lower than wide. */
function useLetters(markSigns = 1) {
  const { width, height } = useWindowDimensions();
  const sideways = width > height * 1.2;
  const scale = Math.min(width / CHOSEN_ON.width, height / CHOSEN_ON.height, 2.2);
  const px = (size: number) => ({ fontSize: size, lineHeight: size * 1.08 });
  const room = (sideways ? width * 0.6 : width) - MARGINS_PX;
  const mark = Math.min(room / (markSigns * SIGN_WIDTH), height * MARK_SHARE);
  return { verb: px(56 * scale), mark: px(mark), line: px(27 * scale), small: px(20 * scale), sideways };
}

/** Where a bath's clock stands, in large figures. */
function Clock({ bench }: { bench: BenchRing }) {
  const letters = useLetters();
  const running = bench.state.waits.filter(
    ({ endedAt, step }) => endedAt === undefined && step === bench.state.step,
  );
  const now = useNow(running.length > 0);
  return running.map((wait) => (
    <Type key={wait.waitId} as="figure" style={letters.line} testID="clock">
      {`${wait.what}: ${waitWords(waitClock(wait, now), wait.longSec)}`}
    </Type>
  ));
}

/** How much of what the metal bears is used up, edge by edge. */
function Gauge({ bench, gauge }: { bench: BenchRing; gauge: { cutEdge: number; rimEdge: number } }) {
  const letters = useLetters();
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  const bars = [
    [bench.edges.cut, gauge.cutEdge],
    [bench.edges.rim, gauge.rimEdge],
  ] as const;
  return (
    <View className="gap-2" testID="hands-free-gauge">
      {bars.map(([name, share]) => (
        <View key={name} className="flex-row items-center gap-3">
          <View className="h-8 flex-1 border-2 border-soft">
            <View className="h-full bg-heat" style={{ width: `${Math.min(100, share * 100)}%` }} />
          </View>
          <Type as="figure" style={[letters.line, { width: letters.line.fontSize * 5.4 }]} numberOfLines={1}>
            {`${capital(name.replace(' edge', ''))} ${percent(share)}`}
          </Type>
        </View>
      ))}
    </View>
  );
}

/** A ring's step in letters that are read from two metres; a pedal, a key or a tap anywhere goes on. */
export function HandsFree({ bench: kept }: { bench: BenchRing }) {
  const router = useRouter();
  const { bench, word, log } = useDerived(kept, useBenchLog(kept.ring.id));
  const { start } = useWaitLog();
  const { primarySystem, speech } = useSettings();
  const write = useWriters();
  const { ring, state, step, next: coming } = bench;
  const held = useHolds()(bench) !== undefined;
  const settled = useSettled(state.step);
  const pressedAt = useRef(0);
  // What was asked belongs to the step that it was asked at.
  const [asked, setAsked] = useState<{ readonly step: number; readonly words: string }>();
  useWakeLock();
  const spoken = step ? spokenStep(step, word) : 'All steps are done.';
  useEffect(() => {
    if (speech) say(spoken);
  }, [speech, spoken]);
  const leave = () => router.replace({ pathname: '/bench/[id]', params: { id: ring.id } });
  const undo = () => {
    const { lastEventId } = state;
    if (lastEventId) log.log({ kind: 'undone', eventId: lastEventId });
  };
  const question = asked?.step === state.step ? asked.words : undefined;
  const goOn = () => {
    // A pedal's bounce, or a key that presses the page and is heard by it, counts once.
    const now = Date.now();
    if (!settled || now - pressedAt.current < BOUNCE_MS) return;
    pressedAt.current = now;
    if (!step) return leave();
    const bath = bathToStart(bench);
    if (bath) return start(bath, [ring.id]);
    const need = doneNeed(bench, word, held);
    if (need && !(question && mayGoOn(need))) {
      return setAsked({ step: state.step, words: askWords(need, bench, write.size) });
    }
    const done = doneBody(step.kind, state.step);
    log.log(need === 'done' && done.kind === 'step-done' ? { ...done, asRead: true } : done);
  };
  useFootPedal({ next: goOn, undo, leave });
  const mark = step && markOf(step, primarySystem, bench.edges);
  const letters = useLetters(mark?.mark.length);
  const said =
    question ??
    (word.advice.code === 'stop-at' || word.advice.code === 'do-it' ? undefined : word.advice.message);
  const bath = bathToStart(bench);
  return (
    <View className="flex-1 bg-paper" testID="hands-free">
      <View className="flex-row items-center justify-between px-4 pt-2">
        <TextButton label="Leave" describe="Back to the step as usual" onPress={leave} />
        <Type as="small">{`${ring.name} · step ${Math.min(state.step + 1, state.steps.length)} of ${state.steps.length}`}</Type>
        <TextButton label="Undo" describe="Take back what was logged last" onPress={undo} />
      </View>
      <Pressable
        role="button"
        aria-label={
          bath ? `Start the clock: ${bath.what}` : step ? `${step.title}: done` : 'Measure and finish it'
        }
        onPress={goOn}
        className="flex-1 justify-between px-4 pb-3 pt-2"
        testID="hands-free-next"
      >
        <View className="flex-row items-center justify-between">
          <Type as="verb" style={letters.verb} testID="verb">
            {step ? verbOf(step) : 'Finish'}
          </Type>
          {step ? <StepIcon kind={step.kind} size={64} /> : null}
        </View>
        <View className={letters.sideways ? 'flex-row items-center gap-6' : 'flex-1 justify-evenly gap-3'}>
          <View className={letters.sideways ? 'min-w-0 flex-[3] gap-1' : 'gap-1'}>
            {mark ? (
              <>
                <Type as="figure" style={letters.mark} testID="mark" numberOfLines={1}>
                  {mark.mark}
                </Type>
                <Type style={letters.line}>{mark.way}</Type>
              </>
            ) : (
              <Type style={letters.line}>{step ? step.instruction : 'Measure it and finish it.'}</Type>
            )}
            {word.step?.tool ? (
              <Type as="small" style={letters.small}>
                {word.step.tool}
              </Type>
            ) : null}
          </View>
          <View className={letters.sideways ? 'min-w-0 flex-[2] gap-3' : 'gap-4'}>
            <Clock bench={bench} />
            {said ? (
              <View role="status" testID="said">
                <Type as="strong" style={letters.line}>
                  {said}
                </Type>
              </View>
            ) : null}
            <Gauge bench={bench} gauge={word.gauge} />
          </View>
        </View>
        <View>
          <Type as="label" style={letters.small}>
            {coming ? `Next: ${verbOf(coming).toLowerCase()}` : ' '}
          </Type>
          <Type as="small">
            {bath
              ? `Tap, space or pedal: ${bath.what.toLowerCase()}, start the clock`
              : 'Tap anywhere, space or pedal: done'}
          </Type>
        </View>
      </Pressable>
    </View>
  );
}
