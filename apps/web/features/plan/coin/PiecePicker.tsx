import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useStockPages } from '@/store/use-stock';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Empty } from '@/ui/Waiting';
import { PieceList } from './PieceList';
import { stockChosen } from '@/features/plan/draft/plan-draft-slice';

export function NoPiece({ onChoose }: { onChoose: () => void }) {
  const router = useRouter();
  if (useStockPages().data?.length === 0) {
    return (
      <View>
        <Empty title="The stock is empty.">
          A plan begins with a piece: a coin, a medal or a round, weighed and measured once.
        </Empty>
        <Button label="Add a piece" onPress={() => router.push('/stock/new')} />
      </View>
    );
  }
  return (
    <View>
      <Empty title="No coin chosen yet.">
        Choose a coin, medal or round from stock; before you punch, see the ring that comes out.
      </Empty>
      <Button label="Choose a piece" onPress={onChoose} />
    </View>
  );
}

interface PiecePickerProps {
  open: boolean;
  onClose: () => void;
  chosenId: string | undefined;
}

/** The drawer as a sheet, on screens that have no room for it beside the plan. */
export function PiecePicker({ open, onClose, chosenId }: PiecePickerProps) {
  const dispatch = useAppDispatch();
  const [search, setSearch] = useState('');
  return (
    <Sheet title="From stock" open={open} onClose={onClose}>
      <Field label="Search" value={search} onChangeText={setSearch} />
      <PieceList
        chosenId={chosenId}
        search={search}
        onChoose={(id) => {
          dispatch(stockChosen(id));
          onClose();
        }}
      />
    </Sheet>
  );
}
