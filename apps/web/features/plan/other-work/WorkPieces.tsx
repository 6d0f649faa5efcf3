import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import type { WorkKind } from '@round-mint/core/work';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { useWriters } from '@/features/shared/settings/use-settings';
import { measureWords, refusalOf } from '@/features/shared/words/piece-words';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { Empty } from '@/ui/Waiting';
import { offerWords } from './offer-words';
import type { WorkModel } from './work-model';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

interface WorkPiecesProps {
  kind: WorkKind;
  pieces: readonly StockItem[];
  /** What each makes of the band that is asked for. */
  offers: WorkModel['offers'];
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}

/** The pieces that a kind of work begins with. */
export function WorkPieces({ kind, pieces, offers, chosenId, onChoose }: WorkPiecesProps) {
  const write = useWriters();
  const router = useRouter();
  if (pieces.length === 0) {
    return (
      <View>
        <Empty title="Nothing in stock to begin with.">{PLAN_KIND_WORDS[kind].none}</Empty>
        <Button label="Add a piece" onPress={() => router.push('/stock/new')} />
      </View>
    );
  }
  return (
    <RadioGroup label="Pieces of stock" chooses={false}>
      {pieces.map((piece) => {
        const refusal = refusalOf(piece);
        const offer = offers.get(piece.id);
        return (
          <Pressable
            key={piece.id}
            role="radio"
            aria-checked={piece.id === chosenId}
            onPress={() => onChoose(piece.id)}
            className={`min-h-[60px] flex-row items-center gap-3 border-b border-line px-3 py-2 active:opacity-70 ${
              piece.id === chosenId ? 'bg-fold' : ''
            }`}
          >
            <View className="flex-1">
              <Type as="heading">{piece.name}</Type>
              <Type as="small">{`${metalById(piece.metal).name} · ${measureWords(piece, write.length)}`}</Type>
              {offer ? (
                <Type as="small" className={offer.refusal ? 'text-soft' : 'text-ink'}>
                  {`${offer.refusal ? '✕' : '✓'} ${offerWords(offer, write.length)}`}
                </Type>
              ) : null}
            </View>
            <Type as="small" className={refusal ? 'text-stop' : ''}>
              {refusal ? '✕ refused' : `${piece.quantity} ×`}
            </Type>
          </Pressable>
        );
      })}
    </RadioGroup>
  );
}

/** The same as a sheet, on screens that have no room for it beside the plan. */
export function WorkPiecePicker(pieces: WorkPiecesProps) {
  const [open, setOpen] = useState(false);
  const chosen = pieces.pieces.find(({ id }) => id === pieces.chosenId);
  return (
    <View>
      <Button label={chosen ? 'Choose another piece' : 'Choose a piece'} onPress={() => setOpen(true)} />
      <Sheet title="From stock" open={open} onClose={() => setOpen(false)}>
        <WorkPieces
          {...pieces}
          onChoose={(id) => {
            pieces.onChoose(id);
            setOpen(false);
          }}
        />
      </Sheet>
    </View>
  );
}
