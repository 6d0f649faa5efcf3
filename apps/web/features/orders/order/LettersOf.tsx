import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useMemo } from 'react';
import { momentOf } from '@/features/shared/words/dates';
import { usePages } from '@/store/lists';
import { useMessagePagesInfiniteQuery } from '@/store/trade-api';
import { ShowMore } from '@/ui/ShowMore';
import { Type } from '@/ui/Type';

/** Letters that went out about an order. */
export function LettersOf({ orderId }: { orderId: string }) {
  const asked = useMemo(() => ({ orderId }), [orderId]);
  const list = usePages(useMessagePagesInfiniteQuery(asked));
  const { data: letters = [] } = list;
  if (letters.length === 0) return null;
  return (
    <View className="gap-1">
      <Type as="heading">Letters</Type>
      <View role="list" aria-label="Letters about this order">
        {letters.map(({ id, subject, at }) => (
          <View key={id} role="listitem" className="border-b border-line">
            <Link href={{ pathname: '/orders/outbox', params: { letter: id } }} asChild>
              <Pressable className="min-h-[48px] justify-center active:opacity-70">
                <Type as="label" className="underline">
                  {subject}
                </Type>
                <Type as="small">{`In the outbox, ${momentOf(at)}`}</Type>
              </Pressable>
            </Link>
          </View>
        ))}
      </View>
      <ShowMore from={list} />
    </View>
  );
}
