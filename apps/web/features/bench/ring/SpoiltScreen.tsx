import type { RingWithEvents } from '@round-mint/contract/rings';
import { remedyFor } from '@round-mint/core/remedy';
import { isSymptom } from '@round-mint/core/ring';
import { useRouter } from 'expo-router';
import { useLogEvents } from '@/store/use-log-events';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { benchRing } from '@/features/shared/ring/bench-model';

/** A ring that was given up: its metal is in the scrap tin, and it can be taken back. */
export function SpoiltScreen({ ring }: { ring: RingWithEvents }) {
  const log = useLogEvents();
  const router = useRouter();
  const { state } = benchRing(ring);
  const { spoilt, lastEventId } = state;
  const cause = spoilt && isSymptom(spoilt.cause) ? remedyFor(spoilt.cause).title : 'given up';
  const takeBack = () => {
    if (lastEventId) log({ ringId: ring.id, body: { kind: 'undone', eventId: lastEventId } });
  };
  return (
    <Screen
      testID="spoilt-screen"
      header={<Type as="title">{ring.name}</Type>}
      footer={<Button look="main" label="Take it back to work" onPress={takeBack} />}
    >
      <Notice level="stop" title={`Spoilt: ${cause.toLowerCase()}`}>
        {`At step ${Math.min((spoilt?.step ?? 0) + 1, state.steps.length)} of ${state.steps.length}. Its metal lies in the scrap tin; the log counts it, and its cause.`}
      </Notice>
      <Button label="Scrap tin" onPress={() => router.push('/stock/scrap')} />
    </Screen>
  );
}
