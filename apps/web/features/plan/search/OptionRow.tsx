import type { Way } from '@round-mint/core/ways';
import { capital } from '@round-mint/core/format';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { between } from '@/features/shared/words/chances-words';
import { useWriters } from '@/features/shared/settings/use-settings';
import { CheckBox } from '@/ui/CheckBox';
import { madeWords } from './made-words';
import { Type } from '@/ui/Type';

interface OptionRowProps {
  way: Way;
  name: string;
  /** The ring that comes out, small; nothing where none is drawn. */
  picture: ReactNode;
  compared: boolean;
  /** Whether one more can be set beside the others. */
  canCompare: boolean;
  onCompare: () => void;
  onPlan: () => void;
}

/** One answer: the piece and what is made of it, what comes out, why; it can be set beside others, or planned. */
export function OptionRow({ way, name, picture, compared, canCompare, onCompare, onPlan }: OptionRowProps) {
  const write = useWriters();
  const { alike, bandWidthMm, widthMm, why, onFront, score } = way;
  const made = madeWords(way, write);
  const off = !compared && !canCompare;
  return (
    <View role="listitem" className="flex-row items-stretch border-b border-line">
      <CheckBox
        checked={compared}
        label={`Set ${name}, ${made}, beside others`}
        disabled={off}
        onPress={onCompare}
        className={`min-h-[56px] w-12 items-center justify-center ${off ? 'opacity-30' : ''}`}
      >
        <View
          className={`h-6 w-6 items-center justify-center border-2 ${compared ? 'border-ink bg-ink' : 'border-soft'}`}
        >
          {compared ? <Type className="text-onink">✓</Type> : null}
        </View>
      </CheckBox>
      <Pressable
        role="button"
        aria-label={`Plan ${name}, ${made}: ${why}`}
        onPress={onPlan}
        className="min-w-0 flex-1 flex-row items-center gap-3 py-2 active:opacity-70"
      >
        <View className="min-w-0 flex-1">
          <Type as="heading">{name}</Type>
          <Type as="small">{`${alike > 1 ? `${alike} alike · ` : ''}${capital(made)} · ${why}`}</Type>
          {onFront ? <Type as="label">◆ nothing else beats it in everything</Type> : null}
        </View>
        <View className="items-end">
          {picture}
          <Type as="strong">{write.length(bandWidthMm)}</Type>
          <Type as="small">{between(widthMm, (mm) => write.length(mm))}</Type>
          <Type as="small">{`${Math.round(score)} of 100`}</Type>
        </View>
      </Pressable>
    </View>
  );
}
