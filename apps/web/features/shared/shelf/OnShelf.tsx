import { GONE_STATES } from '@round-mint/core/trade';
import { Link } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { shelfStateWords } from '@/features/shared/words/shelf-words';
import { useShelfOfRingQuery, useUnplacedPagesInfiniteQuery } from '@/store/shelf-api';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { PutUpSheet } from './PutUpSheet';

/** A finished ring that nobody ordered: put on the shelf from here, or how it stands there. */
export function OnShelf({ ringId }: { ringId: string }) {
  const { money } = useWriters();
  const [putting, setPutting] = useState(false);
  const onShelf = useShelfOfRingQuery(ringId).data?.[0];
  const unplaced = useUnplacedPagesInfiniteQuery({ ringId }).data?.pages[0]?.items[0];
  if (onShelf) {
    return (
      <Link href={{ pathname: '/orders/shelf/[id]', params: { id: onShelf.id } }} asChild>
        <Pressable className="min-h-[48px] justify-center border-b border-t border-line py-2 active:opacity-70">
          <Type as="label" className="underline">
            {GONE_STATES.includes(onShelf.state)
              ? 'It has left the shelf'
              : `On the shelf at ${money(onShelf.price)}`}
          </Type>
          <Type as="small">{shelfStateWords(onShelf)}</Type>
        </Pressable>
      </Link>
    );
  }
  if (!unplaced) return null;
  return (
    <View>
      <Button label="Put it on the shelf" onPress={() => setPutting(true)} />
      {putting ? <PutUpSheet ring={unplaced} onClose={() => setPutting(false)} /> : null}
    </View>
  );
}
