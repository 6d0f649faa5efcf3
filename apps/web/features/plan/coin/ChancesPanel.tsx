import { capital, percentWords } from '@round-mint/core/format';
import type { CoinStock } from '@round-mint/contract/stock';
import {
  FEWEST_LOSSES,
  LOSSES,
  narrowMost,
  NO_LOSSES,
  UNSURE_INPUTS,
  type Mishap,
  type RingChances,
  type UnsureInput,
} from '@round-mint/core/uncertainty';
import { useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { SizeSpread } from '@/drawings/chance/SizeSpread';
import { useWriters } from '@/features/shared/settings/use-settings';
import { FactLine } from '@/ui/FactLine';
import { Progress } from '@/ui/Progress';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import type { Job } from '@/workers/use-job';
import {
  anotherPassWords,
  between,
  INPUT_WORDS,
  lostWords,
  MISHAP_WORDS,
} from '@/features/shared/words/chances-words';

interface ChancesPanelProps {
  job: Job<RingChances>;
  piece: CoinStock;
  targetMm: number;
}

function Advice({ chances, piece }: { chances: RingChances; piece: CoinStock }) {
  const write = useWriters();
  const advice = narrowMost(chances, piece);
  if (!advice) return null;
  return (
    <View className="border-l-2 border-ink pl-3">
      <Type as="strong">{advice.words}</Type>
      <Type as="small">
        {`Known exactly, the width would lie within ${write.length(advice.thenMm, 2)} instead of ${write.length(advice.nowMm, 2)}.`}
      </Type>
    </View>
  );
}

/** Of what loses rings, the log has seen too little yet. */
function isFirstGuess(mishap: Mishap, chances: RingChances): boolean {
  const seen: Partial<Record<Mishap, number>> = chances.seen;
  return (seen[mishap] ?? FEWEST_LOSSES) < FEWEST_LOSSES;
}

function MishapList({
  title,
  mishaps,
  chances,
}: {
  title: string;
  mishaps: readonly Mishap[];
  chances: RingChances;
}) {
  return (
    <>
      <Type as="heading">{title}</Type>
      <View role="list" aria-label={title}>
        {mishaps.map((mishap) => (
          <FactLine
            key={mishap}
            name={MISHAP_WORDS[mishap]}
            value={`${(chances.chanceOf[mishap] * 100).toFixed(1)} in 100${isFirstGuess(mishap, chances) ? ', a first guess' : ''}`}
          />
        ))}
      </View>
    </>
  );
}

/** A part of the spread that is worth a line of its own. */
const WORTH_A_LINE = 0.01;

/** What spreads the width, the most first. */
function mostFirst({ widthFrom }: RingChances): readonly UnsureInput[] {
  return UNSURE_INPUTS.filter((input) => widthFrom[input] >= WORTH_A_LINE).sort(
    (a, b) => widthFrom[b] - widthFrom[a],
  );
}

/** Where the intervals come from: each input's part, and each cause's. */
function ChancesSheet({
  chances,
  open,
  onClose,
}: {
  chances: RingChances;
  open: boolean;
  onClose: () => void;
}) {
  const weighty = mostFirst(chances);
  return (
    <Sheet title="How sure, and why" open={open} onClose={onClose}>
      <Type>
        {`${chances.rings} rings were drawn. Each differs from the plan by as much as calliper, scale, hole, mandrel and hands may be off, follows the same route to the same stopping marks, and is measured at the end.`}
      </Type>
      <Type as="heading">What spreads the width</Type>
      <View role="list" aria-label="What spreads the width">
        {weighty.map((input) => (
          <FactLine key={input} name={INPUT_WORDS[input]} value={percentWords(chances.widthFrom[input])} />
        ))}
      </View>
      <Type as="small">
        {`Less than a hundredth each: ${UNSURE_INPUTS.filter((input) => !weighty.includes(input))
          .map((input) => INPUT_WORDS[input])
          .join(', ')}.`}
      </Type>
      <MishapList title="What loses rings" mishaps={LOSSES} chances={chances} />
      <MishapList title="What is no loss" mishaps={NO_LOSSES} chances={chances} />
      <Type as="small">
        {`From: your log as far as it goes, else defaults of the handbook for calliper, scale, mandrel and hands. How often a loss comes is a first guess until your log has seen ${FEWEST_LOSSES}.`}
      </Type>
    </Sheet>
  );
}

/** Intervals instead of bare numbers: how wide, what size before the last true-up, how many are lost, what to measure better. */
export function ChancesPanel({ job, piece, targetMm }: ChancesPanelProps) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const [asked, setAsked] = useState(false);
  const { answer: chances, fresh, progress, problem, cancel, retry } = job;
  return (
    <View
      className="gap-2"
      testID="chances"
      onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
    >
      <View className="flex-row items-center justify-between">
        <Type as="heading">How sure</Type>
        {chances ? <TextButton label="why" describe="Why this sure?" onPress={() => setAsked(true)} /> : null}
      </View>
      {progress === undefined ? null : <Progress what="Drawing rings" share={progress} onStop={cancel} />}
      {progress === undefined && !fresh ? (
        <TextButton
          label={problem ? 'The worker stopped. Draw the rings again' : 'Draw the rings'}
          onPress={retry}
        />
      ) : null}
      {chances ? (
        <View className={`gap-2 ${fresh ? '' : 'opacity-50'}`}>
          <View role="list" aria-label="Ninety rings in a hundred">
            <FactLine name="Width" value={between(chances.widthMm, (mm) => write.length(mm))} />
            <FactLine name="Size before true-up" value={between(chances.sizeMm, write.size)} />
            <FactLine name="Cut edge" value={between(chances.cutEdgeMm, (mm) => write.length(mm, 2))} />
            <FactLine name="Uneven, hole as punched" value={`up to ${write.length(chances.unevenMm.high)}`} />
          </View>
          {width > 0 ? (
            <SizeSpread
              bins={chances.sizeBins}
              interval={chances.sizeMm}
              targetMm={targetMm}
              width={width}
              write={write.size}
            />
          ) : null}
          <Type testID="lost-chance">
            {[lostWords(chances), anotherPassWords(chances)]
              .filter((words) => words !== undefined)
              .map((words) => `${capital(words)}.`)
              .join(' ')}
          </Type>
          <Advice chances={chances} piece={piece} />
          <ChancesSheet chances={chances} open={asked} onClose={() => setAsked(false)} />
        </View>
      ) : null}
    </View>
  );
}
