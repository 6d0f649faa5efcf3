import type { CoinStock } from '@round-mint/contract/stock';
import type { CoinRingInput } from '@round-mint/core/forming';
import { useMemo } from 'react';
import { Pressable, View } from 'react-native';
import { hasOutsidePicture } from '@/features/shared/picture/planned-picture';
import { RingThumb } from '@/features/shared/picture/RingThumb';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useAppSelector } from '@/store/store';
import type { PieceOutcome, PlanModel } from '@/features/plan/draft/plan-model';
import { Type } from '@/ui/Type';
import { useListedPieces, usePieceOutcomes } from './use-piece-outcomes';

/** Each picture takes its worker a moment: as many as are looked over at once. */
const MOST = 9;
const NO_PIECES: readonly CoinStock[] = [];

interface TileProps {
  outcome: PieceOutcome & { readonly holeMm: number; readonly bandWidthMm: number };
  asked: Omit<CoinRingInput, 'coin' | 'holeMm'>;
  onChoose: (id: string) => void;
}

/** The ring that a piece comes to, and how wide it is. */
function Tile({ outcome: { piece, holeMm, bandWidthMm }, asked, onChoose }: TileProps) {
  const write = useWriters();
  const finish = useAppSelector((state) => state.planDraft.finish);
  const wish = { ...asked, holeMm };
  return (
    <View role="listitem" className="min-w-[200px] max-w-[300px] flex-1 basis-[200px]">
      <Pressable
        role="button"
        aria-label={`Plan ${piece.name}: ${write.length(bandWidthMm)} wide`}
        onPress={() => onChoose(piece.id)}
        className="items-center gap-1 rounded-sm border border-line px-3 py-3 active:opacity-70"
      >
        <View className="h-[140px] justify-center">
          <RingThumb stockId={piece.id} wish={wish} finish={finish} isLarge />
        </View>
        <Type as="strong" className="text-center">
          {piece.name}
        </Type>
        <Type as="small">{`${write.length(bandWidthMm)} wide, hole ${write.length(holeMm)}`}</Type>
      </Pressable>
    </View>
  );
}

/** Before a piece is chosen: rings that the stock can become at the size asked for. */
export function RingGallery({ model, onChoose }: { model: PlanModel; onChoose: (id: string) => void }) {
  const write = useWriters();
  const { targetMm, wall, school } = model;
  const { data: pieces } = useListedPieces('');
  const pictured = useMemo(() => (pieces ?? NO_PIECES).filter(hasOutsidePicture).slice(0, MOST), [pieces]);
  const outcomes = usePieceOutcomes(pictured);
  if (targetMm === undefined) return null;
  const tiles = pictured.flatMap((piece) => {
    const { holeMm, bandWidthMm } = outcomes.get(piece) ?? {};
    return holeMm === undefined || bandWidthMm === undefined ? [] : [{ piece, holeMm, bandWidthMm }];
  });
  if (tiles.length === 0) return null;
  const asked = { targetInsideDiameterMm: targetMm, wall, school };
  return (
    <View className="gap-3" testID="ring-gallery">
      <Type as="heading">{`Rings of ${write.size(targetMm)} from your stock`}</Type>
      <View role="list" aria-label="Rings from the stock" className="flex-row flex-wrap gap-3">
        {tiles.map((outcome) => (
          <Tile key={outcome.piece.id} outcome={outcome} asked={asked} onChoose={onChoose} />
        ))}
      </View>
      <Type as="small">Computed from each piece’s pictures, with the hole that suits it best.</Type>
    </View>
  );
}
