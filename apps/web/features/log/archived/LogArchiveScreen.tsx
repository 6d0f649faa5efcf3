import { metalById } from '@round-mint/core/metal';
import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { useRestoreDieChartMutation } from '@/store/api';
import { useArchivedDieChartsQuery } from '@/store/archived-api';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';

/** Die charts that were archived; finished rings stay in the log. */
export function LogArchiveScreen() {
  const write = useWriters();
  const [restore] = useRestoreDieChartMutation();
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
        title="Die charts"
        comesBy="“archive” on a chart puts it here."
        from={useArchivedDieChartsQuery()}
        nameOf={({ die }) => die}
        noteOf={({ metal, pusherMm }) => `${metalById(metal).name}, pusher ${write.length(pusherMm)}`}
        restore={restore}
      />
      <Type as="small">Rings that were archived at the bench are under Bench, Archive.</Type>
    </Screen>
  );
}
