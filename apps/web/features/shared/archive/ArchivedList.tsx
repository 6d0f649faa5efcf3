import { View } from 'react-native';
import type { Paged } from '@/store/lists';
import { Button } from '@/ui/Button';
import { ShowMore } from '@/ui/ShowMore';
import { Type } from '@/ui/Type';
import { useRestore } from './use-restore';

interface Archived {
  readonly id: string;
}

interface ArchivedListProps<T extends Archived> {
  /** What they are: "Tools". */
  readonly title: string;
  readonly from: Paged<T>;
  readonly nameOf: (thing: T) => string;
  readonly noteOf?: ((thing: T) => string) | undefined;
  /** How something comes here. */
  readonly comesBy: string;
  readonly restore: Parameters<typeof useRestore>[0];
}

/** Archived things of one kind, each with the way back. */
export function ArchivedList<T extends Archived>({
  title,
  from,
  nameOf,
  noteOf,
  comesBy,
  restore,
}: ArchivedListProps<T>) {
  const bringBack = useRestore(restore);
  const { data, isError } = from;
  const things = data ?? [];
  const instead = isError
    ? 'Could not be fetched: the server does not answer.'
    : data
      ? `None. ${comesBy}`
      : 'Fetching …';
  return (
    <View className="gap-1 pt-2">
      <Type as="heading">{title}</Type>
      {things.length === 0 ? <Type as="small">{instead}</Type> : null}
      <View role="list" aria-label={`Archived: ${title}`}>
        {things.map((thing) => (
          <View
            key={thing.id}
            role="listitem"
            className="min-h-[56px] flex-row items-center gap-3 border-b border-line py-2"
          >
            <View className="min-w-0 flex-1">
              <Type as="strong">{nameOf(thing)}</Type>
              {noteOf ? <Type as="small">{noteOf(thing)}</Type> : null}
            </View>
            <Button
              label="Restore"
              describe={`Restore ${nameOf(thing)}`}
              onPress={() => void bringBack(thing.id, nameOf(thing))}
            />
          </View>
        ))}
      </View>
      <ShowMore from={from} />
    </View>
  );
}
