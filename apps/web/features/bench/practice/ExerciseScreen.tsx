import { act, exerciseById, startGame, type Exercise, type PracticeAction } from '@round-mint/core/practice';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';
import { PieceChoice } from './PieceChoice';
import { wantedWords } from './practice-words';
import { PracticeWork } from './PracticeWork';
import { ScoreCard } from './ScoreCard';

/** Another piece every time; which one it is stays hidden. */
function newSeed(): number {
  return Math.floor(Math.random() * 1e6) + 1;
}

function Play({ exercise }: { exercise: Exercise }) {
  const [game, setGame] = useState(() => startGame(exercise, newSeed()));
  const router = useRouter();
  const write = useWriters();
  const go = (action: PracticeAction) => setGame((before) => act(before, action));
  const again = () => setGame(startGame(exercise, newSeed()));
  return (
    <Screen
      maxWidth={760}
      testID="exercise-screen"
      header={
        <>
          <View className="flex-row justify-between">
            <TextButton label="All exercises" onPress={() => router.navigate('/bench/practice')} />
            <TextButton label="Start again" onPress={again} />
          </View>
          <PlaceHeader
            title={exercise.title}
            note={`exercise ${exercise.grade} of 5: ${wantedWords(exercise, write.size, write.length)}`}
          />
        </>
      }
    >
      {game.now ? null : <Type>{exercise.task}</Type>}
      {game.ended ? (
        <ScoreCard game={game} onAgain={again} />
      ) : game.now ? (
        <PracticeWork game={game} onAct={go} />
      ) : (
        <PieceChoice exercise={exercise} onTake={go} />
      )}
    </Screen>
  );
}

/** One exercise at the practice bench. */
export function ExerciseScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const exercise = exerciseById(id);
  if (!exercise) {
    return (
      <Screen>
        <Empty title="There is no such exercise.">The list has all five.</Empty>
      </Screen>
    );
  }
  return <Play key={id} exercise={exercise} />;
}
