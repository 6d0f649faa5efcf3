import type { CoinStock, StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { checkFill, workingThickness } from '@round-mint/core/stock';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { FacePair } from '@/features/stock/faces/FacePair';
import { HandleFace } from '@/features/stock/faces/HandleFace';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { useRemoveStockMutation } from '@/store/api';
import { Button } from '@/ui/Button';
import { FactLine } from '@/ui/FactLine';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { IdentityLine } from './IdentityLine';
import { CoinDrawing } from './CoinDrawing';
import { HandleDrawing } from './HandleDrawing';
import { kindWords, massWords, measureWords, refusalOf } from '@/features/shared/words/piece-words';

type Line = readonly [name: string, value: string];

function coinLines(piece: CoinStock, length: Writers['length']): readonly Line[] {
  const { thicknessMm, source } = workingThickness(piece);
  return [
    ['Diameter', length(piece.diameterMm)],
    ['Rim', piece.rimThicknessMm === undefined ? 'not measured' : length(piece.rimThicknessMm, 2)],
    ['Mass', piece.massG === undefined ? byMeasures(piece) : (massWords(piece) ?? '')],
    ['Working thickness', `${length(thicknessMm, 2)}, from its ${source}`],
    ['Edge', piece.edge],
    ['Face outside', piece.outsideFace],
  ];
}

/** The mass of a piece that nobody has weighed. */
function byMeasures(piece: StockItem): string {
  const words = massWords(piece);
  return words ? `not weighed; ${words} by its measures` : 'not weighed';
}

const PROFILE_WORDS = { flat: 'flat', d: 'half round', court: 'rounded inside and out' } as const;

function bandLines(piece: Extract<StockItem, { kind: 'band' }>, write: Writers): readonly Line[] {
  const traits = [
    piece.patterned && 'patterned',
    piece.soldered && 'soldered',
    piece.stones && 'with stones',
    piece.plated && 'plated',
    piece.hollow && 'hollow',
    piece.twoMetals && 'two metals',
    piece.tension && 'tension set',
  ].filter(Boolean);
  return [
    ['Size', write.sizeAndLength(piece.insideDiameterMm)],
    ['Thickness', write.length(piece.thicknessMm, 2)],
    ['Width', write.length(piece.widthMm)],
    ['Mass', byMeasures(piece)],
    ['Profile', PROFILE_WORDS[piece.profile]],
    ['It is', traits.length > 0 ? traits.join(', ') : 'plain'],
  ];
}

function measureLines(piece: StockItem, write: Writers): readonly Line[] {
  switch (piece.kind) {
    case 'coin':
      return coinLines(piece, write.length);
    case 'handle':
      return [
        ['Measures', measureWords(piece, write.length)],
        ['Mass', byMeasures(piece)],
        ...piece.enamel.map(({ fromMm, toMm }): Line => [
          'Enamel',
          `${write.length(fromMm)} to ${write.length(toMm)} from the tip`,
        ]),
      ];
    case 'strip':
      return [
        ['Measures', measureWords(piece, write.length)],
        ['Mass', byMeasures(piece)],
      ];
    case 'band':
      return bandLines(piece, write);
  }
}

function linesOf(piece: StockItem, write: Writers): readonly Line[] {
  const issued = [piece.issuer, piece.year].filter(Boolean).join(', ');
  return [
    ['Kind', kindWords(piece)],
    ['Metal', metalById(piece.metal).name],
    ...measureLines(piece, write),
    ['Issued by', issued || '–'],
    ['Grade', piece.grade || '–'],
    ['From', piece.origin || '–'],
    ['Paid', piece.price === null ? '–' : write.money(piece.price)],
    ['Pieces', String(piece.quantity)],
  ];
}

/** One piece: what it is, whether its figures agree, what can be done with it. */
export function PieceDetail({ piece, onRemoved }: { piece: StockItem; onRemoved: () => void }) {
  const router = useRouter();
  const write = useWriters();
  const [remove, { isLoading }] = useRemoveStockMutation();
  const refusal = refusalOf(piece);
  const fill = piece.kind === 'coin' ? checkFill(piece) : undefined;
  const archiveIt = useArchive('stock', remove);
  const archive = async () => {
    if (await archiveIt(piece)) onRemoved();
  };
  return (
    <View className="gap-3">
      {piece.kind === 'coin' ? <FacePair piece={piece} /> : null}
      {piece.kind === 'coin' ? <CoinDrawing piece={piece} /> : null}
      {piece.kind === 'handle' ? <HandleFace piece={piece} /> : null}
      {piece.kind === 'handle' ? <HandleDrawing piece={piece} /> : null}
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
        {linesOf(piece, write).map(([name, value]) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
      <IdentityLine piece={piece} />
      {piece.notes ? <Type>{piece.notes}</Type> : null}
      {piece.legalNote ? <Type as="small">{piece.legalNote}</Type> : null}
      <View className="flex-row gap-2">
        <Button
          label="Edit"
          className="flex-1"
          onPress={() => router.push({ pathname: '/stock/[id]/edit', params: { id: piece.id } })}
        />
        <Button
          label="Archive"
          look="stop"
          className="flex-1"
          disabled={isLoading}
          onPress={() => void archive()}
        />
      </View>
    </View>
  );
}
