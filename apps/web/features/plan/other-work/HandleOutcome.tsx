import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { LazyHandlePicture } from '@/features/shared/picture/LazyHandlePicture';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Choices } from '@/ui/Choices';
import type { WorkModel } from './work-model';

const VIEWS = [
  { value: 'ring', label: 'Ring' },
  { value: 'blank', label: 'Blank' },
] as const;

interface HandleOutcomeProps {
  model: WorkModel;
  height: number;
  /** The blank and its outlines. */
  drawing: ReactNode;
}

/** The very ring that comes out of a handle before its drawing; on a phone one of the two. Other work: its drawing. */
export function HandleOutcome({ model, height, drawing }: HandleOutcomeProps) {
  const isWide = useWidthClass() === 'wide';
  const [view, setView] = useState<'ring' | 'blank'>('ring');
  const { piece, work, targetMm, draft, plan } = model;
  const { finish } = draft;
  const shown = useMemo(
    () =>
      plan && piece?.kind === 'handle' && work?.kind === 'handle' && targetMm !== undefined
        ? { piece, work, targetInsideDiameterMm: targetMm, finish }
        : undefined,
    [plan, piece, work, targetMm, finish],
  );
  if (!shown) return drawing;
  const ring = (
    <LazyHandlePicture key={`${shown.piece.id} ${shown.work.style}`} shown={shown} height={height} />
  );
  if (isWide) {
    return (
      <View className="gap-4">
        {ring}
        {drawing}
      </View>
    );
  }
  return (
    <View className="gap-2">
      <Choices label="What is shown" choices={VIEWS} value={view} onChange={setView} />
      {view === 'ring' ? ring : drawing}
    </View>
  );
}
