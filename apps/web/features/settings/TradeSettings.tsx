import type { Settings } from '@round-mint/contract/settings';
import { daySchema } from '@round-mint/contract/people';
import { parseDecimal } from '@round-mint/core/format';
import { SPOT_METALS } from '@round-mint/core/trade';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { hoursText, parseHours, parseTrade, TRADE_FIELDS, tradeTexts } from './trade-form';

interface PartProps {
  settings: Settings;
  onSave: (patch: Partial<Settings>) => void;
}

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
/** Weeks are told from Monday on; the settings keep Sunday first. */
const FROM_MONDAY = [1, 2, 3, 4, 5, 6, 0] as const;

/** Name, money and rates: what prices and letters are made with. */
export function RateSettings({ settings, onSave }: PartProps) {
  const [texts, setTexts] = useState(() => tradeTexts(settings.trade));
  const [words, setWords] = useState({ workshopName: settings.workshopName, currency: settings.currency });
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(SPOT_METALS.map((metal) => [metal, settings.spotTyped[metal]?.toString() ?? ''])),
  );
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const save = () => {
    const parsed = parseTrade(texts);
    const prices = SPOT_METALS.flatMap((metal) => {
      const text = typed[metal]?.trim();
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
      ...wrong,
      ...nameless,
      ...coinless,
    };
    setProblems(all);
    if (!parsed.ok || Object.keys(all).length > 0) return;
    const spotTyped = Object.fromEntries(prices);
    onSave({ ...words, trade: parsed.value, spotTyped });
  };
  const unit = { money: settings.currency, percent: '%', days: 'days' } as const;
  return (
    <View className="gap-3 border-b border-line pb-4">
      <Type as="heading">Prices and letters</Type>
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Name of the workshop"
          value={words.workshopName}
          error={problems['workshopName']}
          onChangeText={(workshopName) => setWords({ ...words, workshopName })}
        />
        <Field
          label="Currency"
          value={words.currency}
          error={problems['currency']}
          maxLength={6}
          style={{ width: 90 }}
          onChangeText={(currency) => setWords({ ...words, currency })}
        />
      </View>
      <View className="flex-row flex-wrap gap-3">
        {TRADE_FIELDS.map((field) => (
          <View key={field.key} style={{ minWidth: 160, flexGrow: 1, flexBasis: 160 }}>
            <Field
              label={field.label}
              unit={unit[field.unit]}
              inputMode="decimal"
              value={texts[field.key]}
              error={problems[field.key]}
              hint={field.hint}
              onChangeText={(text) => setTexts({ ...texts, [field.key]: text })}
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
              value={typed[metal]}
              error={problems[metal]}
              onChangeText={(text) => setTyped({ ...typed, [metal]: text })}
            />
          </View>
        ))}
      </View>
      <Button label="Save rates" onPress={save} />
    </View>
  );
}

/** When the bench is worked at: what the day plan fills. */
export function HoursSettings({ settings, onSave }: PartProps) {
  const [texts, setTexts] = useState(() => settings.hours.map(hoursText));
  const [off, setOff] = useState(() => settings.daysOff.join(', '));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const save = () => {
    const hours = texts.map(parseHours);
    const daysOff = off
      .split(',')
      .map((day) => day.trim())
      .filter(Boolean);
    const wrong = Object.fromEntries(
      hours.flatMap((spans, day) => (spans ? [] : [[String(day), 'such as 9-12:30, 13:30-17, or nothing']])),
    );
    const badDay = daysOff.find((day) => !daySchema.safeParse(day).success);
    const all = badDay === undefined ? wrong : { ...wrong, off: `“${badDay}” is no date such as 2026-12-24` };
    setProblems(all);
    if (Object.keys(all).length > 0) return;
    onSave({ hours: hours.map((spans) => spans ?? []), daysOff });
  };
  return (
    <View className="gap-3 border-b border-line pb-4">
      <Type as="heading">Working hours</Type>
      <View className="flex-row flex-wrap gap-3">
        {FROM_MONDAY.map((day) => (
          <View key={day} style={{ minWidth: 220, flexGrow: 1, flexBasis: 220 }}>
            <Field
              label={WEEKDAYS[day] ?? ''}
              placeholder="off"
              value={texts[day]}
              error={problems[String(day)]}
              onChangeText={(text) => setTexts(texts.map((one, i) => (i === day ? text : one)))}
            />
          </View>
        ))}
      </View>
      <Field
        label="Days off"
        placeholder="2026-12-24, 2026-12-25"
        value={off}
        error={problems['off']}
        onChangeText={setOff}
      />
      <Button label="Save hours" onPress={save} />
    </View>
  );
}
