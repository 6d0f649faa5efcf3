import { countWords, durationWords } from '@round-mint/core/format';
import { edgesOf, type Game, type PracticeAction } from '@round-mint/core/practice';
import { outlineOf } from '@round-mint/core/route';
import { useState } from 'react';
import { View } from 'react-native';
import { Ladder } from '@/drawings/ladder/Ladder';
import { Section } from '@/drawings/section/Section';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import { offersOf, toolsFor, type Tool } from './practice-actions';

const DRAWING_HEIGHT = 240;
const LADDER_WIDTH = 138;

const TOOL_WORDS: Readonly<Record<Tool, string>> = {
  fold: 'Fold',
  stretch: 'Stretch',
  'rim-in': 'Rim edge in',
  reduce: 'Reduce both',
  push: 'Push, taped',
  curl: 'Edges in',
};
const AMOUNT_WORDS: Readonly<Record<Tool, string>> = {
  fold: 'How far down?',
  stretch: 'By how many sizes?',
  'rim-in': 'By how many sizes?',
  reduce: 'By how many sizes?',
  push: 'Which pusher?',
  curl: 'How much deeper?',
};

/** The piece as it stands: drawn to scale, its edges on the ladder. */
function PracticeDrawing({ game }: { game: Game }) {
  const [width, setWidth] = useState(0);
  const { primarySystem, secondSystem } = useSettings();
  const write = useWriters();
  if (!game.now) return null;
  const { rimMm, cutMm } = edgesOf(game.now);
  const before = game.moments.at(-1)?.before;
  return (
    <View
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height: DRAWING_HEIGHT }}
      className="flex-row"
    >
      {width > 0 ? (
        <>
          <Section
            outline={outlineOf(game.now.wall)}
            ghost={before && outlineOf(before.wall)}
            width={width - LADDER_WIDTH}
            height={DRAWING_HEIGHT}
            length={write.length}
          />
          <Ladder
            width={LADDER_WIDTH}
            height={DRAWING_HEIGHT}
            targetMm={game.exercise.targetMm}
            primary={primarySystem}
            second={secondSystem}
            pointers={[
              { label: 'rim', diameterMm: rimMm },
              { label: 'cut', diameterMm: cutMm },
            ]}
            history={[]}
          />
        </>
      ) : null}
    </View>
  );
}

interface PracticeWorkProps {
  readonly game: Game;
  readonly onAct: (action: PracticeAction) => void;
}

/** The hand's choices: a tool, how far; the flame; the stop. */
export function PracticeWork({ game, onAct }: PracticeWorkProps) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  const [tool, setTool] = useState<Tool>('fold');
  if (!game.now) return null;
  const { rimMm, cutMm } = edgesOf(game.now);
  const tools = toolsFor(game.exercise);
  return (
    <View className="gap-3">
      <View role="status" testID="feel">
        <Type as="heading">{game.said}</Type>
        <Type as="small">
          {`${write.size(rimMm)} rim edge, ${write.size(cutMm)} cut edge · target ${write.size(game.exercise.targetMm)} · ${durationWords(game.minutes)}, ${countWords(game.anneals, 'anneal')}`}
        </Type>
      </View>
      <PracticeDrawing game={game} />
      <Choices
        label="Tool"
        choices={tools.map((value) => ({ value, label: TOOL_WORDS[value] }))}
        value={tool}
        onChange={setTool}
      />
      <Type as="label">{AMOUNT_WORDS[tool]}</Type>
      <View className="flex-row flex-wrap gap-2" role="group" aria-label={AMOUNT_WORDS[tool]}>
        {offersOf(tool, game, (mm) => write.length(mm, 2), primarySystem).map(({ label, action }) => (
          <Button
            key={label}
            label={label}
            describe={`${TOOL_WORDS[tool]} ${label}`}
            className="min-h-[56px] min-w-[72px] flex-1"
            onPress={() => onAct(action)}
          />
        ))}
      </View>
      <View className="flex-row gap-2">
        <Button look="heat" label="Anneal" className="flex-1" onPress={() => onAct({ kind: 'anneal' })} />
        {game.now.lipMm > 0 ? (
          <Button
            label="Trim the lip"
            className="min-h-[56px] flex-1"
            onPress={() => onAct({ kind: 'trim' })}
          />
        ) : null}
        <Button
          look="main"
          label="Stop: it is done"
          className="flex-1"
          onPress={() => onAct({ kind: 'stop' })}
        />
      </View>
    </View>
  );
}
