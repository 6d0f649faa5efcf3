import { capital } from '@round-mint/core/format';
import { SALE_WAY_NAMES, type SaleWay } from '@round-mint/core/trade';
import { SALE_WAYS } from '@round-mint/core/trade/codes';
import { View } from 'react-native';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import type { WayTexts } from './trade-form';

interface WayFeesProps {
  ways: Readonly<Record<SaleWay, WayTexts>>;
  problems: Readonly<Record<string, string>>;
  currency: string;
  onChange: (change: Partial<Record<SaleWay, WayTexts>>) => void;
}

/** What each way of selling takes, where that is not what holds in general. */
export function WayFees({ ways, problems, currency, onChange }: WayFeesProps) {
  return (
    <View className="gap-2">
      <Type as="label">Fees by way of selling</Type>
      <Type as="small">Left empty, the general fees above hold.</Type>
      {SALE_WAYS.map((way) => {
        const name = capital(SALE_WAY_NAMES[way]);
        return (
          <View key={way} className="flex-row gap-3">
            <Field
              className="flex-1"
              label={`${name}, of the price`}
              unit="%"
              inputMode="decimal"
              value={ways[way].share}
              error={problems[`${way}.feeShare`]}
              onChangeText={(share) => onChange({ [way]: { ...ways[way], share } })}
            />
            <Field
              className="flex-1"
              label={`${name}, each sale`}
              unit={currency}
              inputMode="decimal"
              value={ways[way].fixed}
              error={problems[`${way}.feeFixed`]}
              onChangeText={(fixed) => onChange({ [way]: { ...ways[way], fixed } })}
            />
          </View>
        );
      })}
    </View>
  );
}
