import type { StockItem } from '@round-mint/contract/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ReactElement } from 'react';
import { OrKeptHere } from '@/features/shared/screen/KeptHere';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { usePiece } from '@/store/use-stock';
import { Screen } from '@/ui/Screen';
import { Empty, Fetched } from '@/ui/Waiting';
import { PieceDetail } from './PieceDetail';
import { PlanFromIt } from './PlanFromIt';

interface OnePieceProps {
  children: (piece: StockItem) => ReactElement;
}

/** The piece that the path names, once it is fetched. */
export function OnePiece({ children }: OnePieceProps) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const piece = usePiece(id);
  return (
    <OrKeptHere id={id} fetched={piece.data !== undefined}>
      {piece.isMissing ? (
        <Screen>
          <Empty title="This piece is not here.">It may have been archived.</Empty>
        </Screen>
      ) : (
        <Fetched from={piece} what="the piece">
          {children}
        </Fetched>
      )}
    </OrKeptHere>
  );
}

/** One piece of stock. */
export function PieceScreen() {
  const router = useRouter();
  return (
    <OnePiece>
      {(piece) => (
        <Screen
          maxWidth={640}
          testID="piece-screen"
          header={<PlaceHeader title={piece.name} />}
          footer={<PlanFromIt piece={piece} />}
        >
          <PieceDetail piece={piece} onRemoved={() => router.replace('/stock')} />
        </Screen>
      )}
    </OnePiece>
  );
}
