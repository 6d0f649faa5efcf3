import type { MustStay, PieceFace } from '@round-mint/contract/stock-faces';
import type { CoinStock } from '@round-mint/contract/stock';
import { useState, type PointerEvent } from 'react';
import { View } from 'react-native';
import { FaceDrawing } from '@/drawings/face/FaceDrawing';
import { faceAddress } from '@/features/shared/picture/face-address';
import { faceIdOf } from '@/features/shared/picture/face-choice';
import { useWriters } from '@/features/shared/settings/use-settings';
import { newId } from '@/store/new-id';
import { pieceInputOf } from '@/features/shared/words/piece-input';
import { useSaveStockMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { markBetween, marksOn, markWords, type FaceSpot, type MarkKind } from './mark-model';

const KINDS = [
  { value: 'sector', label: 'round the face' },
  { value: 'box', label: 'a box' },
] as const satisfies readonly { readonly value: MarkKind; readonly label: string }[];

const SIZE_PX = 330;

interface MarkEditorProps {
  piece: CoinStock;
  face: PieceFace;
}

/** Marks what has to be seen on the ring, with a finger on the face; each is kept with the piece. */
export function MarkEditor({ piece, face }: MarkEditorProps) {
  const write = useWriters();
  const [save, { isLoading }] = useSaveStockMutation();
  const [kind, setKind] = useState<MarkKind>('sector');
  const [from, setFrom] = useState<FaceSpot>();
  const [mark, setMark] = useState<MustStay['mark']>();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string>();
  const all = piece.mustStay ?? [];
  const rimMm = piece.diameterMm / 2;
  const faceId = faceIdOf(piece, face);
  const spotAt = (event: PointerEvent): FaceSpot => {
    const box = event.currentTarget.getBoundingClientRect();
    return {
      rightMm: ((2 * (event.clientX - box.left)) / box.width) * rimMm - rimMm,
      upMm: rimMm - ((2 * (event.clientY - box.top)) / box.height) * rimMm,
    };
  };
  const keep = async (mustStay: readonly MustStay[]) => {
    setProblem(undefined);
    try {
      await save({ ...pieceInputOf(piece), mustStay: [...mustStay], isNew: false, base: piece }).unwrap();
      setMark(undefined);
      setName('');
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  const drawn = marksOn(all, face).map(({ id, mark: kept }) => ({ id, mark: kept, stays: true }));
  return (
    <View className="gap-3">
      <Type as="heading">What must stay</Type>
      <Type as="small">Draw over it with a finger: holes that spoil it are struck out in the plan.</Type>
      <LabelledChoices label="Shape of the mark" choices={KINDS} value={kind} onChange={setKind} />
      <div
        data-testid="mark-face"
        style={{
          width: SIZE_PX,
          height: SIZE_PX,
          maxWidth: '100%',
          alignSelf: 'center',
          touchAction: 'none',
          cursor: 'crosshair',
        }}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setFrom(spotAt(event));
        }}
        onPointerMove={(event) => {
          if (from) setMark(markBetween(kind, from, spotAt(event), rimMm));
        }}
        onPointerUp={() => setFrom(undefined)}
        onPointerCancel={() => setFrom(undefined)}
      >
        <FaceDrawing
          size={SIZE_PX}
          diameterMm={piece.diameterMm}
          picture={faceId === undefined ? undefined : faceAddress(faceId, SIZE_PX)}
          marks={mark ? [...drawn, { id: 'new', mark, stays: true }] : drawn}
          label={`The ${face} of ${piece.name}, with what must stay framed`}
        />
      </div>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {mark ? (
        <View className="gap-2">
          <Field label="What it is" value={name} onChangeText={setName} placeholder="the year" />
          <Button
            look="main"
            label="Save mark"
            disabled={isLoading || name.trim() === ''}
            onPress={() => void keep([...all, { id: newId(), name: name.trim(), face, mark }])}
          />
        </View>
      ) : null}
      <View role="list" aria-label="What must stay">
        {marksOn(all, face).map((kept) => (
          <View
            key={kept.id}
            role="listitem"
            className="flex-row items-center justify-between border-b border-line py-1"
          >
            <View className="flex-1">
              <Type as="strong">{kept.name}</Type>
              <Type as="small">{markWords(kept, write.length)}</Type>
            </View>
            <TextButton
              label="remove"
              describe={`Remove the mark ${kept.name}`}
              onPress={() => void keep(all.filter(({ id }) => id !== kept.id))}
            />
          </View>
        ))}
      </View>
    </View>
  );
}
