import { marginAt, possiblePrice, priceLineWords, type Price, type PriceInput } from '@round-mint/core/trade';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { FactLine } from '@/ui/FactLine';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { AMOUNT_PROBLEM, readAmount } from '@/features/shared/inputs/read-amount';

/** How the proposed price comes about, line by line. */
function Lines({ costs, price }: { costs: PriceInput; price: Price }) {
  const { money } = useWriters();
  return (
    <View role="list" aria-label="How the price comes about">
      {price.lines.map(({ code, amount }) => (
        <FactLine key={code} name={priceLineWords(code, costs, price, money).label} value={money(amount)} />
      ))}
      <FactLine name="By your rates" value={money(price.price)} />
      <FactLine name="Worth as metal: the floor" value={money(price.floor)} />
    </View>
  );
}

interface PriceFieldProps {
  text: string;
  onChange: (text: string) => void;
  /** What the ring took; undefined while it is worked out. */
  costs: PriceInput | undefined;
  /** What is taken off it. */
  off?: number;
  showsProblem: boolean;
}

/** A price, with what is left over of it, how it comes about, and where the metal's worth ends. */
export function PriceField({ text, onChange, costs, off = 0, showsProblem }: PriceFieldProps) {
  const { money } = useWriters();
  const { currency } = useSettings();
  const [isExplained, setExplained] = useState(false);
  const price = readAmount(text);
  const usual = costs && possiblePrice(costs);
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
      {costs ? (
        <View className="flex-row items-center justify-between gap-3">
          <Type as="small" className="flex-1">
            {price === undefined ? '' : `Leaves ${money(marginAt(costs, price - off))} over.`}
            {usual ? ` By your rates it would be ${money(usual.price)}.` : ''}
          </Type>
          {usual ? (
            <TextButton
              label={isExplained ? 'Less' : 'Why?'}
              describe={isExplained ? 'Hide how the price comes about' : 'How the price comes about'}
              onPress={() => setExplained(!isExplained)}
            />
          ) : null}
        </View>
      ) : null}
      {costs && usual && isExplained ? <Lines costs={costs} price={usual} /> : null}
      {costs && price !== undefined && price < floor ? (
        <Notice level="warn" title={`Below what the piece was worth as metal: ${money(floor)}.`} live />
      ) : null}
    </View>
  );
}
