import type { ReactElement } from 'react';
import { useAppSelector } from '@/store/store';
import { THING_WORDS } from '@/store/things';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';

interface OrKeptHereProps {
  /** What is to be shown. */
  id: string;
  /** Whether it can be, from what was fetched. */
  fetched: boolean;
  children: ReactElement;
}

/** A screen of one thing; one that waits for the server, of which nothing else is known, is told of by its name. */
export function OrKeptHere({ id, fetched, children }: OrKeptHereProps) {
  const thing = useAppSelector((state) => state.unsentThings.things.find((one) => one.id === id));
  if (fetched || !thing) return children;
  const { name } = thing.body;
  return (
    <Screen
      testID="kept-here"
      header={<Type as="title">{typeof name === 'string' ? name : 'Kept here'}</Type>}
    >
      <Type>{`${THING_WORDS[thing.kind]} is kept on this device. It is sent when the server is back, and shown here then.`}</Type>
    </Screen>
  );
}
