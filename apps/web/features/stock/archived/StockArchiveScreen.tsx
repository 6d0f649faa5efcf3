import { metalById } from '@round-mint/core/metal';
import { ArchivedList } from '@/features/shared/archive/ArchivedList';
import { ArchiveScreen } from '@/features/shared/archive/ArchiveScreen';
import { toolLine } from '@/features/shared/kit/kit-words';
import { useWriters } from '@/features/shared/settings/use-settings';
import { StockTabs } from '@/features/shared/tabs/StockTabs';
import { useRestoreStockMutation, useRestoreToolMutation } from '@/store/api';
import {
  useArchivedScrapInfiniteQuery,
  useArchivedStockInfiniteQuery,
  useArchivedToolsInfiniteQuery,
} from '@/store/archived-api';
import { ALL, usePages } from '@/store/lists';
import { useRestoreScrapMutation } from '@/store/trade-api';

/** Pieces, tools and scrap that were archived. */
export function StockArchiveScreen() {
  const write = useWriters();
  const [restorePiece] = useRestoreStockMutation();
  const [restoreTool] = useRestoreToolMutation();
  const [restoreScrap] = useRestoreScrapMutation();
  return (
    <ArchiveScreen place="Stock" tabs={<StockTabs here="Archive" />}>
      <ArchivedList
        title="Pieces"
        comesBy="“Archive” on a piece puts it here."
        from={usePages(useArchivedStockInfiniteQuery(ALL))}
        nameOf={({ name }) => name}
        noteOf={({ metal, quantity }) => `${metalById(metal).name}, ${quantity} in stock`}
        restore={restorePiece}
      />
      <ArchivedList
        title="Tools"
        comesBy="“archive” beside a tool puts it here."
        from={usePages(useArchivedToolsInfiniteQuery(ALL))}
        nameOf={({ name }) => name}
        noteOf={(tool) => toolLine(tool, write.length)}
        restore={restoreTool}
      />
      <ArchivedList
        title="Scrap"
        comesBy="“Take it out” in the scrap tin puts it here."
        from={usePages(useArchivedScrapInfiniteQuery(ALL))}
        nameOf={({ kind, metal }) => `${kind}, ${metalById(metal).name}`}
        noteOf={({ massG, note }) => [`${massG} g`, note].filter(Boolean).join(', ')}
        restore={restoreScrap}
      />
    </ArchiveScreen>
  );
}
