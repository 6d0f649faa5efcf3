import type { ReactNode } from 'react';
import { PlaceHeader } from './PlaceHeader';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { BenchTabs } from './BenchTabs';

interface BenchPartProps {
  readonly here: 'Recipes' | 'Practice' | 'Devices';
  readonly note: string;
  /** What this part is for, in a sentence or two. */
  readonly about: string;
  readonly testID: string;
  readonly footer?: ReactNode;
  readonly children: ReactNode;
}

/** A part of the bench beside the rings themselves. */
export function BenchPart({ here, note, about, testID, footer, children }: BenchPartProps) {
  return (
    <Screen
      maxWidth={1240}
      testID={testID}
      header={
        <>
          <PlaceHeader title="Bench" note={note} />
          <BenchTabs here={here} />
        </>
      }
      footer={footer}
    >
      <Type as="small">{about}</Type>
      {children}
    </Screen>
  );
}
