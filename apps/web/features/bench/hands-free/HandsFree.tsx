import { percentWords } from '@round-mint/core/format';
import { gaugesOf, placeWords } from '@round-mint/core/bench';
import { waitClock } from '@round-mint/core/steps';
import { Pressable, useWindowDimensions, View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import { shortOf } from '@/features/bench/ring/CautionLine';
import { verbOf, type BenchRing } from '@/features/shared/ring/bench-model';
import { useNow } from '@/features/shared/ring/use-now';
import { useSettings } from '@/features/shared/settings/use-settings';
import { waitWords } from '@/features/shared/words/wait-words';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { markOf } from './hands-free-model';
import { useHandsFree } from './use-hands-free';

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

/** How much of what the metal bears is used up, edge by edge or band by band. */
function Gauges({ bench: { ring, state } }: { bench: BenchRing }) {
  const letters = useLetters();
  const bars = gaugesOf(ring.kind, state).map(
    ({ name, spentStrainLog }) => [name, spentStrainLog / ring.allowanceStrainLog] as const,
  );
  return (
    <View className="gap-2" testID="hands-free-gauge">
      {bars.map(([name, share]) => (
        <View
          key={name}
          role="meter"
          aria-label={`${name}: strain since the last anneal`}
          aria-valuenow={Math.round(share * 100)}
          aria-valuemin={0}
          aria-valuemax={100}
          className="flex-row items-center gap-3"
        >
          <View className="h-8 flex-1 border-2 border-soft">
            <View className="h-full bg-heat" style={{ width: `${Math.min(100, share * 100)}%` }} />
          </View>
          <Type as="figure" style={{ ...letters.line, width: letters.line.fontSize * 5.4 }} numberOfLines={1}>
            {`${name.replace(/ (edge|band)$/, '')} ${percentWords(share)}`}
          </Type>
        </View>
      ))}
    </View>
  );
}

/** A ring's step in letters that are read from two metres; a pedal, a key or a tap anywhere goes on. */
export function HandsFree({ bench: kept }: { bench: BenchRing }) {
  const { bench, word, said, bath, next, undo, leave } = useHandsFree(kept);
  const { primarySystem } = useSettings();
  const { ring, state, step, next: coming } = bench;
  const mark = step && markOf(step, primarySystem, bench.edges);
  const letters = useLetters(mark?.mark.length);
  return (
    <View className="flex-1 bg-paper" testID="hands-free">
      <View className="flex-row items-center justify-between px-4 pt-2">
        <TextButton atBench label="Leave" describe="Back to the step as usual" onPress={leave} />
        <Type as="small">{`${ring.name} · ${placeWords(state)}`}</Type>
        <TextButton atBench label="Undo" describe="Undo what was logged last" onPress={undo} />
      </View>
      <Pressable
        role="button"
        aria-label={
          bath ? `Start the clock: ${bath.what}` : step ? `${step.title}: done` : 'Measure and finish it'
        }
        onPress={next}
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
            {word.step?.toolWarning ? (
              <Type as="label" style={letters.small} testID="tool-warning">
                {word.step.toolWarning}
              </Type>
            ) : null}
            {step?.caution ? (
              <Type as="label" style={letters.small} testID="caution">
                {`Take care: ${shortOf(step.caution).toLowerCase()}`}
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
            <Gauges bench={bench} />
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
