import { EXERCISES, type Exercise } from '@round-mint/core/practice';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { BenchPart } from '@/features/shared/tabs/BenchPart';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppSelector } from '@/store/store';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { wantedWords } from './practice-words';

function ExerciseCard({ exercise }: { exercise: Exercise }) {
  const router = useRouter();
  const write = useWriters();
  const best = useAppSelector((state) => state.practice.best[exercise.id]);
  return (
    <View
      role="listitem"
      aria-label={exercise.title}
      className="min-w-[320px] flex-1 basis-[420px] flex-row items-center gap-3 border-b border-line py-3"
    >
      <Type as="display" className="w-10 text-center">
        {exercise.grade}
      </Type>
      <View className="flex-1">
        <Type as="heading">{exercise.title}</Type>
        <Type as="small">{exercise.task}</Type>
        <Type as="label">{wantedWords(exercise, write.size, write.length)}</Type>
        <Type as="small">{best === undefined ? 'not tried yet' : `best: ${best} of 100`}</Type>
      </View>
      <Button
        label="Work it"
        describe={`Work it: ${exercise.title}`}
        onPress={() => router.push({ pathname: '/bench/practice/[id]', params: { id: exercise.id } })}
      />
    </View>
  );
}

/** The practice bench: metal that costs nothing. */
export function PracticeScreen() {
  return (
    <BenchPart
      here="Practice"
      note="Practice"
      testID="practice-screen"
      about="The planner’s own simulation plays the metal, each piece a little other than the table says. You choose, feel, read and stop."
    >
      <View role="list" aria-label="Exercises" className="two:flex-row two:flex-wrap two:gap-x-10">
        {EXERCISES.map((exercise) => (
          <ExerciseCard key={exercise.id} exercise={exercise} />
        ))}
      </View>
    </BenchPart>
  );
}
