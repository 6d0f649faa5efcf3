import { Pressable } from 'react-native';
import { Type } from './Type';

interface PadKeyProps {
  readonly label: string;
  readonly note?: string | undefined;
  readonly chosen?: boolean;
  readonly describe?: string | undefined;
  readonly onPress: () => void;
}

/** A key for a dirty thumb: 60 px high, as wide as there is room. */
export function PadKey({ label, note, chosen = false, describe, onPress }: PadKeyProps) {
  return (
    <Pressable
      role="button"
      aria-label={describe ?? label}
      aria-pressed={chosen}
      onPress={onPress}
      className={`min-h-[60px] flex-1 items-center justify-center rounded-sm px-1 active:opacity-70 ${
        chosen ? 'border-2 border-ink bg-fold' : 'border border-soft bg-paper'
      }`}
    >
      <Type as="figure" className="text-2xl leading-7">
        {label}
      </Type>
      {note ? <Type as="small">{note}</Type> : null}
    </Pressable>
  );
}
