import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { checkFill, workingThickness } from '@round-mint/core/stock';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePutAway } from '@/features/shell/use-put-away';
import { useWriters } from '@/features/settings/use-settings';
import { useRemoveStockMutation } from '@/store/api';
import { Button } from '@/ui/Button';
import { FactLine } from '@/ui/FactLine';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { CoinDrawing } from './CoinDrawing';
import { refusalOf } from './piece-words';

function linesOf(
  piece: StockItem,
  length: (mm: number, decimals?: number) => string,
): readonly [string, string][] {
  const { thicknessMm, source } = workingThickness(piece);
  return [
    ['Metal', metalById(piece.metal).name],
    ['Diameter', length(piece.diameterMm)],
    ['Rim', piece.rimThicknessMm === undefined ? 'not measured' : length(piece.rimThicknessMm, 2)],
    ['Mass', piece.massG === undefined ? 'not weighed' : `${piece.massG.toFixed(2)} g`],
    ['Works as thick as', `${length(thicknessMm, 2)}, from its ${source}`],
    ['Edge', piece.edge],
    ['Face outside', piece.outsideFace],
    ['Issued by', `${piece.issuer}${piece.year === null ? '' : `, ${piece.year}`}`],
    ['Grade', piece.grade || '–'],
    ['From', piece.origin || '–'],
    ['Paid', piece.price === null ? '–' : piece.price.toFixed(2)],
    ['Pieces', String(piece.quantity)],
  ];
}

/** One piece: what it is, whether its figures agree, what can be done with it. */
export function PieceDetail({ piece, onRemoved }: { piece: StockItem; onRemoved: () => void }) {
  const router = useRouter();
  const write = useWriters();
  const [remove, { isLoading }] = useRemoveStockMutation();
  const refusal = refusalOf(piece);
  const fill = checkFill(piece);
  const putAwayIt = usePutAway('stock', remove);
  const putAway = async () => {
    if (await putAwayIt(piece)) onRemoved();
  };
  return (
    <View className="gap-3">
      <CoinDrawing piece={piece} />
      {refusal ? (
        <Notice level="stop" title="Not for a ring.">
          {refusal}
        </Notice>
      ) : null}
      {fill ? (
        <Notice level={fill.ok ? 'good' : 'warn'} title={fill.ok ? 'Its figures agree.' : 'Measure again.'}>
          {fill.message}
        </Notice>
      ) : null}
      <View role="list" aria-label="What it is">
        {linesOf(piece, write.length).map(([name, value]) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
      {piece.notes ? <Type>{piece.notes}</Type> : null}
      {piece.legalNote ? <Type as="small">{piece.legalNote}</Type> : null}
      <View className="flex-row gap-2">
        <Button
          label="Edit"
          className="flex-1"
          onPress={() => router.push({ pathname: '/stock/[id]/edit', params: { id: piece.id } })}
        />
        <Button
          label="Put away"
          look="stop"
          className="flex-1"
          disabled={isLoading}
          onPress={() => void putAway()}
        />
      </View>
    </View>
  );
}
