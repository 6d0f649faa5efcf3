import { isMetalId, metalById, METALS, SILVER_FINENESS, type MetalId } from '@round-mint/core/metal';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { RadioGroup } from '@/ui/RadioGroup';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface MetalPickerProps {
  /** What it is the metal of. */
  label?: string;
  value: string;
  onChange: (id: MetalId) => void;
}

/** Silver of a fineness that is not listed: "812" or ".812". */
function FinenessField({ onTake }: { onTake: (id: MetalId) => void }) {
  const [text, setText] = useState('');
  const digits = text.trim().replace(/^0?[.,]/, '');
  const id = `silver-${digits}`;
  const known = isMetalId(id) ? id : undefined;
  return (
    <View className="flex-row items-end gap-2 pb-2">
      <Field
        className="flex-1"
        label="Silver of another fineness"
        value={text}
        onChangeText={setText}
        error={
          text === '' || known
            ? undefined
            : `three digits, ${SILVER_FINENESS.min} to ${SILVER_FINENESS.max}, such as 812`
        }
        inputMode="decimal"
        maxLength={5}
      />
      <Button label="Take it" disabled={!known} onPress={() => known && onTake(known)} />
    </View>
  );
}

/** The metal, with what it means for a ring; refused metals can be entered, as they are found in drawers too. */
export function MetalPicker({ label = 'Metal', value, onChange }: MetalPickerProps) {
  const [open, setOpen] = useState(false);
  const chosen = metalById(value as MetalId);
  return (
    <View className="gap-1">
      <Type as="label">{label}</Type>
      <Pressable
        role="button"
        aria-label={`${label}: ${chosen.name}. Change`}
        aria-haspopup="dialog"
        onPress={() => setOpen(true)}
        testID="metal-picker"
        className="min-h-[48px] flex-row items-center justify-between rounded-sm border border-soft px-3 active:opacity-70"
      >
        <Type>{chosen.name}</Type>
        <Type as="small">{`${chosen.densityGCm3.toFixed(2)} g/cm³`}</Type>
      </Pressable>
      {chosen.refusal ? <Type as="small" className="text-stop">{`✕ No ring: ${chosen.refusal}`}</Type> : null}
      <Sheet title={label} open={open} onClose={() => setOpen(false)}>
        <FinenessField
          onTake={(id) => {
            onChange(id);
            setOpen(false);
          }}
        />
        <RadioGroup label={label} chooses={false}>
          {METALS.map((metal) => (
            <Pressable
              key={metal.id}
              role="radio"
              aria-checked={metal.id === value}
              aria-label={`${metal.name}${metal.refusal ? ', refused for rings' : ''}`}
              onPress={() => {
                onChange(metal.id);
                setOpen(false);
              }}
              className={`min-h-[48px] flex-row items-center gap-3 border-b border-line px-2 py-1 active:opacity-70 ${
                metal.id === value ? 'bg-fold' : ''
              }`}
            >
              <View className="flex-1">
                <Type as={metal.id === value ? 'strong' : 'body'}>{metal.name}</Type>
                <Type as="small">{metal.refusal ? `✕ ${metal.refusal}` : (metal.notes[0] ?? '')}</Type>
              </View>
              <Type as="small">{metal.densityGCm3.toFixed(2)}</Type>
            </Pressable>
          ))}
        </RadioGroup>
      </Sheet>
    </View>
  );
}
