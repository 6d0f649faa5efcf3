import type { Settings } from '@round-mint/contract/settings';
import { useState } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { readDay } from '@/features/shared/inputs/read-day';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { SaveButton } from '@/ui/SaveButton';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import { hoursText, parseHours } from './trade-form';

interface HoursSettingsProps {
  settings: Settings;
  /** @returns whether the server has it */
  onSave: (patch: Partial<Settings>) => Promise<boolean>;
}

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
/** Weeks are told from Monday on; the settings keep Sunday first. */
const FROM_MONDAY = [1, 2, 3, 4, 5, 6, 0] as const;

/** When the bench is worked at: what the day plan fills. */
export function HoursSettings({ settings, onSave }: HoursSettingsProps) {
  const { texts, type, forget, line } = useFormDraft('settings/hours', {
    days: settings.hours.map(hoursText),
    off: settings.daysOff.join(', '),
  });
  const { days, off } = texts;
  const { part, ...sum } = useProblemSum();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const save = async () => {
    const hours = days.map(parseHours);
    const typedOff = off
      .split(/[,;]/)
      .map((day) => day.trim())
      .filter(Boolean);
    const daysOff = typedOff.flatMap((day) => readDay(day) ?? []);
    const wrong = Object.fromEntries(
      hours.flatMap((spans, day) => (spans ? [] : [[String(day), 'such as 9-12:30, 13:30-17, or nothing']])),
    );
    const badDay = typedOff.find((day) => readDay(day) === undefined);
    const all = badDay === undefined ? wrong : { ...wrong, off: `“${badDay}” is no date such as 24 Dec` };
    setProblems(all);
    if (Object.keys(all).length > 0) return;
    if (await onSave({ hours: hours.map((spans) => spans ?? []), daysOff })) forget();
  };
  return (
    <View ref={part} className="gap-3 border-b border-line pb-4">
      <Type as="heading">Working hours</Type>
      <DraftLine {...line} />
      <View className="flex-row flex-wrap gap-3">
        {FROM_MONDAY.map((day) => (
          <View key={day} style={{ minWidth: 220, flexGrow: 1, flexBasis: 220 }}>
            <Field
              label={WEEKDAYS[day] ?? ''}
              placeholder="off"
              value={days[day]}
              error={problems[String(day)]}
              onChangeText={(text) => type({ days: days.map((one, i) => (i === day ? text : one)) })}
            />
          </View>
        ))}
      </View>
      <Field
        label="Days off"
        hint="As you write dates, with commas between: 24 Dec, 2026-12-31."
        value={off}
        error={problems['off']}
        onChangeText={(text) => type({ off: text })}
      />
      <SaveButton sum={sum} look="plain" label="Save hours" onPress={() => void save()} />
    </View>
  );
}
