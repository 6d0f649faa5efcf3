import { metalById } from '@round-mint/core/metal';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { useWriters } from '@/features/shared/settings/use-settings';
import { measureWords } from '@/features/shared/words/piece-words';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { StripStock } from './other-strip';

interface StripPickProps {
  readonly label: string;
  readonly strips: readonly StripStock[];
  /** Its id; nothing where the strip is told beside it. */
  readonly value: string;
  readonly onChange: (id: string) => void;
}

interface RowProps {
  readonly title: string;
  readonly about: string;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

function Row({ title, about, chosen, onPress }: RowProps) {
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      onPress={onPress}
      className={`min-h-[60px] justify-center border-b border-line px-3 py-2 active:opacity-70 ${chosen ? 'bg-fold' : ''}`}
    >
      <Type as="heading">{title}</Type>
      <Type as="small">{about}</Type>
    </Pressable>
  );
}

/** Which strip of the drawer a part is cut from. */
export function StripPick({ label, strips, value, onChange }: StripPickProps) {
  const write = useWriters();
  const [open, setOpen] = useState(false);
  const chosen = strips.find(({ id }) => id === value);
  const pick = (id: string) => {
    onChange(id);
    setOpen(false);
  };
  return (
    <View className="gap-1.5">
      <Type as="label">{label}</Type>
      <Button
        label={chosen?.name ?? 'Not in stock'}
        onPress={() => setOpen(true)}
        testID="work-otherStockId"
      />
      {chosen ? (
        <Type as="small">{`${metalById(chosen.metal).name} · ${measureWords(chosen, write.length)}`}</Type>
      ) : null}
      <Sheet title={label} open={open} onClose={() => setOpen(false)}>
        <RadioGroup label={label} chooses={false}>
          {strips.map((strip) => (
            <Row
              key={strip.id}
              title={strip.name}
              about={`${metalById(strip.metal).name} · ${measureWords(strip, write.length)}`}
              chosen={strip.id === value}
              onPress={() => pick(strip.id)}
            />
          ))}
          <Row
            title="Not in stock"
            about="You tell its thickness and metal; nothing leaves the stock."
            chosen={value === ''}
            onPress={() => pick('')}
          />
        </RadioGroup>
      </Sheet>
    </View>
  );
}
