import { metalById } from '@round-mint/core/metal';
import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useListArchivedRingsQuery, useRestoreDieChartMutation, useRestoreRingMutation } from '@/store/api';
import { useArchivedDieChartsQuery } from '@/store/archived-api';
import { Screen } from '@/ui/Screen';

/** Finished rings and die charts that were archived. */
export function LogArchiveScreen() {
  const write = useWriters();
  const [restoreRing] = useRestoreRingMutation();
  const [restoreChart] = useRestoreDieChartMutation();
  const rings = useListArchivedRingsQuery();
  const finished = rings.data?.filter(({ status }) => status === 'finished');
  return (
    <Screen
      maxWidth={760}
      testID="log-archive"
      header={
        <>
          <PlaceHeader title="Log" note="Archived: each comes back by one press" />
          <LogTabs here="Archive" />
        </>
      }
    >
      <ArchivedList
        title="Finished rings"
        from={{ ...rings, data: finished }}
        nameOf={({ name }) => name}
        noteOf={({ stockName, prediction }) =>
          `${stockName} → ${write.size(prediction.targetInsideDiameterMm)}`
        }
        restore={restoreRing}
      />
      <ArchivedList
        title="Die charts"
        from={useArchivedDieChartsQuery()}
        nameOf={({ die }) => die}
        noteOf={({ metal, pusherMm }) => `${metalById(metal).name}, pusher ${write.length(pusherMm)}`}
        restore={restoreChart}
      />
    </Screen>
  );
}
