import { useDeferredValue, type ReactElement } from 'react';
import { ActivityIndicator, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Button } from './Button';
import { Notice } from './Notice';
import { Screen } from './Screen';
import { Type } from './Type';

/** While something is on its way. */
function Loading({ what }: { what: string }) {
  const palette = usePalette();
  return (
    <View role="status" aria-label={`Loading ${what}`} className="flex-row items-center gap-3 py-6">
      <ActivityIndicator color={palette.soft} aria-hidden />
      <Type as="small">{`Fetching ${what} …`}</Type>
    </View>
  );
}

/** While a place's own code is on its way. */
export function Opening() {
  return (
    <Screen>
      <Loading what="the page" />
    </Screen>
  );
}

/** When it did not come; nothing typed elsewhere is lost. */
function Failed({ what, onRetry }: { what: string; onRetry: () => void }) {
  return (
    <View className="gap-2 py-4">
      <Notice level="stop" title={`Could not fetch ${what}.`} live>
        The server does not answer. What you typed is still here.
      </Notice>
      <Button label="Try again" onPress={onRetry} />
    </View>
  );
}

/** When there is nothing yet: says so, and what to do. */
export function Empty({ title, children }: { title: string; children: string }) {
  return (
    <View className="gap-1 py-8">
      <Type as="heading">{title}</Type>
      <Type as="small">{children}</Type>
    </View>
  );
}

/** What a fetching hook tells: enough of it to show the data, the wait or the failure. */
export interface Fetch<T> {
  readonly data?: T | undefined;
  readonly isError: boolean;
  readonly refetch: () => unknown;
}

interface FetchedProps<T> {
  /** The answer of a fetching hook. */
  from: Fetch<T>;
  /** What is fetched, for the words: "the stock". */
  what: string;
  children: (data: T) => ReactElement;
}

/**
 * A screen whose data comes from elsewhere: the data once it is there, until then the wait, or the failure. What comes
 * is drawn in slices: a long list holds no tap up.
 */
export function Fetched<T>({ from: { data, isError, refetch }, what, children }: FetchedProps<T>) {
  const drawn = useDeferredValue(data);
  if (drawn !== undefined) return children(drawn);
  return (
    <Screen>
      {isError ? <Failed what={what} onRetry={() => void refetch()} /> : <Loading what={what} />}
    </Screen>
  );
}

/** Two fetches as one: there when both are. */
export function both<A, B>(first: Fetch<A>, second: Fetch<B>): Fetch<readonly [A, B]> {
  const there = first.data !== undefined && second.data !== undefined;
  return {
    data: there ? [first.data, second.data] : undefined,
    isError: first.isError || second.isError,
    refetch: () => Promise.all([first.refetch(), second.refetch()]),
  };
}
