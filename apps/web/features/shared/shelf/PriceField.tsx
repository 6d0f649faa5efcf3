import { marginAt, priceRing, type Price, type PriceInput } from '@round-mint/core/trade';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { AMOUNT_PROBLEM, readAmount } from './read-amount';

/** A price by the workshop's rates; undefined where fees and margin would take all of it. */
export function proposedPrice(costs: PriceInput | undefined): Price | undefined {
  if (!costs) return undefined;
  try {
    return priceRing(costs);
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

interface PriceFieldProps {
  text: string;
  onChange: (text: string) => void;
  /** What the ring took; undefined while it is worked out. */
  costs: PriceInput | undefined;
  showsProblem: boolean;
}

/** A price, with what is left over of it and where the metal's worth ends. */
export function PriceField({ text, onChange, costs, showsProblem }: PriceFieldProps) {
  const { money } = useWriters();
  const { currency } = useSettings();
  const price = readAmount(text);
  const usual = proposedPrice(costs);
  const floor = costs?.meltValue ?? 0;
  return (
    <View className="gap-1">
      <Field
        label="Price"
        unit={currency}
        inputMode="decimal"
        value={text}
        error={showsProblem && price === undefined ? AMOUNT_PROBLEM : undefined}
        onChangeText={onChange}
        testID="shelf-price"
      />
      {costs && price !== undefined ? (
        <Type as="small">{`Leaves ${money(marginAt(costs, price))} over.${usual ? ` By your rates it would be ${money(usual.price)}; making it cost ${money(usual.cost)}.` : ''}`}</Type>
      ) : null}
      {costs && price !== undefined && price < floor ? (
        <Notice level="warn" title={`Below what the piece was worth as metal: ${money(floor)}.`} live />
      ) : null}
    </View>
  );
}
