import type { RingWithEvents } from '@round-mint/contract/rings';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { dayAndYear } from '@/features/shared/words/dates';
import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { ArchiveScreen } from '@/features/shared/archive/ArchiveScreen';
import { useRestore } from '@/features/shared/archive/use-restore';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useWriters } from '@/features/shared/settings/use-settings';
import { BenchTabs } from '@/features/shared/tabs/BenchTabs';
import { ARCHIVED, SPOILT, useRestoreRingMutation, useRingPagesInfiniteQuery } from '@/store/api';
import { useRestoreRecipeMutation } from '@/store/bench-api';
import { useArchivedRecipesInfiniteQuery } from '@/store/archived-api';
import { ALL, usePages, type Paged } from '@/store/lists';
import { Button } from '@/ui/Button';
import { ShowMore } from '@/ui/ShowMore';
import { Type } from '@/ui/Type';
import { both, Empty, Fetched } from '@/ui/Waiting';

/** How far it had come. */
function standingWords(ring: RingWithEvents): string {
  const { state, step } = benchRing(ring);
  if (ring.status === 'spoilt') return `given up at step ${state.step + 1} of ${state.steps.length}`;
  if (!step) return ring.status === 'finished' ? 'finished' : 'all steps done';
  return `step ${state.step + 1} of ${state.steps.length}: ${step.title.toLowerCase()}`;
}

interface RowProps {
  readonly ring: RingWithEvents;
  readonly label: string;
  readonly onPress: () => void;
}

function Row({ ring, label, onPress }: RowProps) {
  const write = useWriters();
  const { name, stockName, prediction, createdAt } = ring;
  return (
    <View role="listitem" className="flex-row items-center gap-3 border-b border-line py-3">
      <View className="flex-1">
        <Type as="heading">{name}</Type>
        <Type as="small">{`${stockName} → ${write.size(prediction.targetInsideDiameterMm)}, ${standingWords(ring)}`}</Type>
        <Type as="small">{`begun ${dayAndYear(createdAt)}`}</Type>
      </View>
      <Button label={label} describe={`${label}: ${name}`} onPress={onPress} />
    </View>
  );
}

/** Rings that left the bench unfinished: archived or given up, each with the way back. */
export function ArchivedScreen() {
  const archived = usePages(useRingPagesInfiniteQuery(ARCHIVED));
  const spoilt = usePages(useRingPagesInfiniteQuery(SPOILT));
  return (
    <Fetched from={both(archived, spoilt)} what="the archived rings">
      {() => <Archived archived={archived} spoilt={spoilt} />}
    </Fetched>
  );
}

interface ArchivedProps {
  readonly archived: Paged<RingWithEvents>;
  readonly spoilt: Paged<RingWithEvents>;
}

function Archived({ archived, spoilt }: ArchivedProps) {
  const router = useRouter();
  const { data: archivedRings = [] } = archived;
  const { data: spoiltRings = [] } = spoilt;
  const [restore] = useRestoreRingMutation();
  const [restoreRecipe] = useRestoreRecipeMutation();
  const bringBack = useRestore(restore);
  return (
    <ArchiveScreen place="Bench" tabs={<BenchTabs here="Archive" />}>
      {archivedRings.length + spoiltRings.length === 0 ? (
        <Empty title="Nothing is archived.">
          A ring that is archived or given up at the bench is found here, and taken out again.
        </Empty>
      ) : null}
      {archivedRings.length > 0 ? (
        <View role="list" aria-label="Archived rings">
          {archivedRings.map((ring) => (
            <Row
              key={ring.id}
              ring={ring}
              label="Restore"
              onPress={() => void bringBack(ring.id, ring.name)}
            />
          ))}
        </View>
      ) : null}
      <ShowMore from={archived} />
      {spoiltRings.length > 0 ? (
        <View className="gap-1 pt-4">
          <Type as="label">Given up</Type>
          <View role="list" aria-label="Rings that were given up">
            {spoiltRings.map((ring) => (
              <Row
                key={ring.id}
                ring={ring}
                label="Open"
                onPress={() => router.push({ pathname: '/bench/[id]', params: { id: ring.id } })}
              />
            ))}
          </View>
          <ShowMore from={spoilt} />
        </View>
      ) : null}
      <ArchivedList
        title="Recipes"
        comesBy="“Archive” on a recipe of your own puts it here."
        from={usePages(useArchivedRecipesInfiniteQuery(ALL))}
        nameOf={({ name }) => name}
        restore={restoreRecipe}
      />
    </ArchiveScreen>
  );
}
