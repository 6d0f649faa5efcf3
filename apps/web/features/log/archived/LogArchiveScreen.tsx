import { metalById } from '@round-mint/core/metal';
import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { ArchiveScreen } from '@/features/shared/archive/ArchiveScreen';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LogTabs } from '@/features/shared/tabs/LogTabs';
import { useRestoreDieChartMutation } from '@/store/bench-api';
import { useArchivedDieChartsInfiniteQuery } from '@/store/archived-api';
import { ALL, usePages } from '@/store/lists';
import { Type } from '@/ui/Type';

/** Die charts that were archived; finished rings stay in the log. */
export function LogArchiveScreen() {
  const write = useWriters();
  const [restore] = useRestoreDieChartMutation();
  return (
    <ArchiveScreen place="Log" tabs={<LogTabs here="Archive" />}>
      <ArchivedList
        title="Die charts"
        comesBy="“archive” on a chart puts it here."
        from={usePages(useArchivedDieChartsInfiniteQuery(ALL))}
        nameOf={({ die }) => die}
        noteOf={({ metal, pusherMm }) => `${metalById(metal).name}, pusher ${write.length(pusherMm)}`}
        restore={restore}
      />
      <Type as="small">Rings that were archived at the bench are under Bench, Archive.</Type>
    </ArchiveScreen>
  );
}
