import type { ReactNode } from 'react';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { Screen } from '@/ui/Screen';

interface ArchiveScreenProps {
  /** The place's name. */
  readonly place: string;
  readonly tabs: ReactNode;
  readonly children: ReactNode;
}

/** What was archived of a place. */
export function ArchiveScreen({ place, tabs, children }: ArchiveScreenProps) {
  return (
    <Screen
      maxWidth={760}
      testID="archive-screen"
      header={
        <>
          <PlaceHeader title={place} note="Archived: each comes back by one press" />
          {tabs}
        </>
      }
    >
      {children}
    </Screen>
  );
}
