import type { PhotoPart } from '@round-mint/contract/photos';
import type { StepKind } from '@round-mint/core/steps';
import { useState } from 'react';
import { newId } from '@/store/new-id';
import { useAddPhotoMutation } from '@/store/api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { type Choice, LabelledChoices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { pickFile } from '@/ui/pick-file';
import { Type } from '@/ui/Type';
import { PhotoStrip } from './PhotoStrip';
import { resized } from './resize';

const PARTS: readonly Choice<PhotoPart>[] = [
  { value: 'before', label: 'before' },
  { value: 'during', label: 'on the way' },
  { value: 'after', label: 'after' },
];

/** What a picture taken at a step most likely shows. */
export function partAt(kind: StepKind | undefined): PhotoPart {
  if (kind === 'cut' || kind === 'deburr') return 'before';
  return kind === undefined || kind === 'polish' || kind === 'read' || kind === 'plate' ? 'after' : 'during';
}

interface PhotoSheetProps {
  readonly ringId: string;
  readonly kind: StepKind | undefined;
  readonly onClose: () => void;
}

/** A picture of the ring as it is now, kept with its history. */
export function PhotoSheet({ ringId, kind, onClose }: PhotoSheetProps) {
  const [part, setPart] = useState(() => partAt(kind));
  const [add, { isLoading }] = useAddPhotoMutation();
  const [problem, setProblem] = useState<string>();
  const [kept, setKept] = useState(false);
  const take = async (from: 'camera' | 'file') => {
    setProblem(undefined);
    try {
      const file = await pickFile({ accept: 'image/*', camera: from === 'camera' });
      if (!file) return;
      const picture = await resized(file);
      const photo = { id: newId(), at: new Date().toISOString(), part, ...picture };
      await add({ ringId, photo }).unwrap();
      setKept(true);
    } catch (error) {
      setProblem(
        error instanceof Error ? 'This file is no picture that the browser can read.' : problemText(error),
      );
    }
  };
  return (
    <Sheet
      title="A photo of this ring"
      open
      onClose={onClose}
      footer={
        <Button look="main" label="Take a photo" disabled={isLoading} onPress={() => void take('camera')} />
      }
    >
      <LabelledChoices label="What it shows" choices={PARTS} value={part} onChange={setPart} />
      <Button label="Choose a file" disabled={isLoading} onPress={() => void take('file')} />
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {kept ? <Notice level="good" title="Kept with the ring." live testID="photo-kept" /> : null}
      <Type as="small">
        Made smaller here, and redrawn: where it was taken is not kept. It stays on your own server.
      </Type>
      <PhotoStrip ringId={ringId} />
    </Sheet>
  );
}
