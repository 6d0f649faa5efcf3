import { metalById } from '@round-mint/core/metal';
import { useDeferredValue, useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { useSettings, useWriters } from '@/features/settings/use-settings';
import { useListKitQuery, useListStockQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { Type } from '@/ui/Type';
import { draftTarget, kitOrReference, pieceOutcome, wallWish, type PieceOutcome } from './plan-model';

/** Every piece with the width it would give at the size asked for: those that can, widest names aside, first. */
function useOutcomes(): readonly PieceOutcome[] {
  const { data: stock } = useListStockQuery();
  const { data: kit } = useListKitQuery();
  const settings = useSettings();
  // Two dozen routes take longer than one: the list may lag a frame behind the plan.
  const draft = useDeferredValue(useAppSelector((state) => state.planDraft));
  const { sizeText, wall, curlDeg, allowanceUs } = draft;
  return useMemo(() => {
    const { targetMm } = draftTarget({ sizeText, allowanceUs } as typeof draft, settings);
    const tools = kitOrReference(kit ?? []);
    const outcomes = (stock ?? []).map((piece) =>
      targetMm === undefined
        ? { piece, holeMm: undefined, bandWidthMm: undefined }
        : pieceOutcome(piece, targetMm, wallWish({ wall, curlDeg }), tools),
    );
    return outcomes.sort((a, b) => Number(b.holeMm !== undefined) - Number(a.holeMm !== undefined));
  }, [stock, kit, settings, sizeText, allowanceUs, wall, curlDeg]);
}

interface PieceListProps {
  chosenId: string | undefined;
  onChoose: (id: string) => void;
  /** Words to filter by. */
  search?: string;
}

/** What can become this size: the drawer, each piece with its width. */
export function PieceList({ chosenId, onChoose, search = '' }: PieceListProps) {
  const write = useWriters();
  const outcomes = useOutcomes();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = outcomes.filter(({ piece }) =>
    words.every((word) => `${piece.name} ${metalById(piece.metal).name}`.toLowerCase().includes(word)),
  );
  if (shown.length === 0) return <Type as="small">No piece matches.</Type>;
  return (
    <View role="radiogroup" aria-label="Pieces of stock">
      {shown.map(({ piece, bandWidthMm }) => {
        const chosen = piece.id === chosenId;
        const refused = metalById(piece.metal).refusal !== undefined || (piece.form ?? 'round') !== 'round';
        return (
          <Pressable
            key={piece.id}
            role="radio"
            aria-checked={chosen}
            onPress={() => onChoose(piece.id)}
            className={`min-h-[60px] flex-row items-center gap-3 border-b border-line px-3 py-2 active:opacity-70 ${
              chosen ? 'bg-fold' : ''
            }`}
          >
            <View className="flex-1">
              <Type as="heading" className={bandWidthMm === undefined ? 'text-soft' : ''}>
                {piece.name}
              </Type>
              <Type as="small">{`${metalById(piece.metal).name} · ⌀ ${write.length(piece.diameterMm)}`}</Type>
            </View>
            <View className="items-end">
              <Type as="strong">{bandWidthMm === undefined ? '–' : write.length(bandWidthMm)}</Type>
              <Type as="small">
                {bandWidthMm === undefined ? (refused ? 'refused' : 'not this size') : 'wide'}
              </Type>
            </View>
          </Pressable>
        );
      })}
    </View>
  );
}
