import type { Settings } from '@round-mint/contract/settings';
import { parseDecimal } from '@round-mint/core/format';
import { SPOT_METALS } from '@round-mint/core/trade';
import { useState } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { SaveButton } from '@/ui/SaveButton';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import { parseTrade, parseWayFees, ratesTexts, TRADE_FIELDS } from './trade-form';
import { WayFees } from './WayFees';

interface PartProps {
  settings: Settings;
  /** @returns whether the server has it */
  onSave: (patch: Partial<Settings>) => Promise<boolean>;
}

/** Name, money and rates: what prices and letters are made with. */
export function RateSettings({ settings, onSave }: PartProps) {
  const { texts, type, forget, line } = useFormDraft('settings/rates', ratesTexts(settings));
  const { trade, words, spot, ways } = texts;
  const { part, ...sum } = useProblemSum();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const save = async () => {
    const parsed = parseTrade(trade);
    const fees = parseWayFees(ways);
    const prices = SPOT_METALS.flatMap((metal) => {
      const text = spot[metal]?.trim();
      return text ? [[metal, parseDecimal(text)] as const] : [];
    });
    const wrong = Object.fromEntries(
      prices.filter(([, price]) => !(price > 0)).map(([metal]) => [metal, 'must be a price, or nothing']),
    );
    const nameless: Record<string, string> =
      words.workshopName.trim() === '' ? { workshopName: 'must not be empty' } : {};
    const coinless: Record<string, string> =
      words.currency.trim() === '' ? { currency: 'must not be empty' } : {};
    const all: Readonly<Record<string, string>> = {
      ...(parsed.ok ? {} : parsed.problems),
      ...(fees.ok ? {} : fees.problems),
      ...wrong,
      ...nameless,
      ...coinless,
    };
    setProblems(all);
    if (!parsed.ok || !fees.ok || Object.keys(all).length > 0) return;
    const spotTyped = Object.fromEntries(prices);
    if (await onSave({ ...words, trade: parsed.value, wayFees: fees.value, spotTyped })) forget();
  };
  const unit = { money: settings.currency, percent: '%', days: 'days' } as const;
  return (
    <View ref={part} className="gap-3 border-b border-line pb-4">
      <Type as="heading">Prices and letters</Type>
      <DraftLine {...line} />
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Name of the workshop"
          value={words.workshopName}
          error={problems['workshopName']}
          onChangeText={(workshopName) => type({ words: { ...words, workshopName } })}
        />
        <Field
          label="Currency"
          value={words.currency}
          error={problems['currency']}
          maxLength={6}
          style={{ width: 90 }}
          onChangeText={(currency) => type({ words: { ...words, currency } })}
        />
      </View>
      <View className="flex-row flex-wrap gap-3">
        {TRADE_FIELDS.map((field) => (
          <View key={field.key} style={{ minWidth: 160, flexGrow: 1, flexBasis: 160 }}>
            <Field
              label={field.label}
              unit={unit[field.unit]}
              inputMode="decimal"
              value={trade[field.key]}
              error={problems[field.key]}
              hint={field.hint}
              onChangeText={(text) => type({ trade: { ...trade, [field.key]: text } })}
            />
          </View>
        ))}
        {SPOT_METALS.map((metal) => (
          <View key={metal} style={{ minWidth: 160, flexGrow: 1, flexBasis: 160 }}>
            <Field
              label={`Pure ${metal}, a gram`}
              unit={settings.currency}
              inputMode="decimal"
              placeholder="as the feed says"
              value={spot[metal]}
              error={problems[metal]}
              onChangeText={(text) => type({ spot: { ...spot, [metal]: text } })}
            />
          </View>
        ))}
      </View>
      <WayFees
        ways={ways}
        problems={problems}
        currency={settings.currency}
        onChange={(change) => type({ ways: { ...ways, ...change } })}
      />
      <SaveButton sum={sum} look="plain" label="Save rates" onPress={() => void save()} />
    </View>
  );
}
