import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import type { PlanModel } from '@/features/plan/draft/plan-model';

/** The planner's other questions: what to use, what it can become, whether the hole sits in the middle. */
export function PlanQuestions({ model }: { model: PlanModel }) {
  const router = useRouter();
  const { piece } = model;
  return (
    <View className="flex-row flex-wrap gap-2">
      <Button className="flex-1" label="What should I use?" onPress={() => router.push('/plan/search')} />
      {piece ? (
        <>
          <Button
            className="flex-1"
            label="What can it become?"
            onPress={() => router.push({ pathname: '/plan/map', params: { stockId: piece.id } })}
          />
          <Button
            className="flex-1"
            label="Centre the hole"
            onPress={() => router.push({ pathname: '/plan/centre', params: { stockId: piece.id } })}
          />
        </>
      ) : null}
      <Button
        className="flex-1"
        label="Begin half-made"
        onPress={() => router.push({ pathname: '/plan/begin', params: piece ? { stockId: piece.id } : {} })}
      />
    </View>
  );
}
