import { useLocalSearchParams, useRouter } from 'expo-router';
import { PlaceHeader } from '@/features/shell/PlaceHeader';
import { useListStockQuery } from '@/store/api';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Empty, Failed, Loading } from '@/ui/Waiting';
import { PieceDetail } from './PieceDetail';

/** One piece of stock. */
export function PieceScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { data, isError, refetch } = useListStockQuery();
  const piece = data?.find((candidate) => candidate.id === id);
  if (isError && !data)
    return (
      <Screen>
        <Failed what="the piece" onRetry={() => void refetch()} />
      </Screen>
    );
  if (!data)
    return (
      <Screen>
        <Loading what="the piece" />
      </Screen>
    );
  if (!piece)
    return (
      <Screen>
        <Empty title="This piece is not here.">It may have been put away.</Empty>
      </Screen>
    );
  return (
    <Screen
      maxWidth={640}
      testID="piece-screen"
      header={<PlaceHeader title={piece.name} />}
      footer={
        <Button
          look="main"
          label="Plan a ring from it"
          onPress={() => router.push({ pathname: '/plan', params: { stockId: piece.id } })}
        />
      }
    >
      <PieceDetail piece={piece} onRemoved={() => router.replace('/stock')} />
    </Screen>
  );
}
