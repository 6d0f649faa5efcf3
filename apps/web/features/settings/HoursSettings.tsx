import type { Settings } from '@round-mint/contract/settings';
import { useState } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { readDay } from '@/features/shared/inputs/read-day';
import { useFormDraft } from '@/store/use-form-draft';
import { Choices } from '@/ui/Choices';
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

const WHOSE = [
  { value: 'alone', label: 'alone' },
  { value: 'helped', label: 'with a helper' },
] as const;

interface WeekBoxesProps {
  /** What each day's box is called. */
  labelOf: (day: string) => string;
  days: readonly string[];
  problems: Readonly<Record<string, string>>;
  onType: (days: readonly string[]) => void;
}

/** A box for the hours of each weekday. */
function WeekBoxes({ labelOf, days, problems, onType }: WeekBoxesProps) {
  return (
    <View className="flex-row flex-wrap gap-3">
      {FROM_MONDAY.map((day) => {
        const label = labelOf(WEEKDAYS[day] ?? '');
        return (
          <View key={day} style={{ minWidth: 220, flexGrow: 1, flexBasis: 220 }}>
            <Field
              label={label}
              placeholder="off"
              value={days[day]}
              error={problems[label]}
              onChangeText={(text) => onType(days.map((one, i) => (i === day ? text : one)))}
            />
          </View>
        );
      })}
    </View>
  );
}

const ownDay = (day: string) => day;
const helpersDay = (day: string) => `Helper, ${day}`;

/** Each weekday's hours as typed, and what is wrong with them by the names of their boxes. */
function readWeek(days: readonly string[], labelOf: WeekBoxesProps['labelOf']) {
  const spans = days.map(parseHours);
  const problems = spans.flatMap((one, day) =>
    one ? [] : [[labelOf(WEEKDAYS[day] ?? ''), 'such as 9-12:30, 13:30-17, or nothing'] as const],
  );
  return { hours: spans.map((one) => one ?? []), problems };
}

/** When the bench is worked at, and by how many: what the day plan fills. */
export function HoursSettings({ settings, onSave }: HoursSettingsProps) {
  const { texts, type, forget, line } = useFormDraft('settings/hours', {
    days: settings.hours.map(hoursText),
    isHelped: settings.helperHours.some((spans) => spans.length > 0),
    helperDays: settings.helperHours.map(hoursText),
    off: settings.daysOff.join(', '),
  });
  const { days, isHelped, helperDays, off } = texts;
  const { part, ...sum } = useProblemSum();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const onWhose = (whose: 'alone' | 'helped') =>
    type({
      isHelped: whose === 'helped',
      // Who comes to help comes when you are there, until it is said otherwise.
      ...(whose === 'helped' && helperDays.every((text) => text === '') ? { helperDays: days } : {}),
    });
  const save = async () => {
    const own = readWeek(days, ownDay);
    const helpers = readWeek(isHelped ? helperDays : days.map(() => ''), helpersDay);
    const typedOff = off
      .split(/[,;]/)
      .map((day) => day.trim())
      .filter(Boolean);
    const daysOff = typedOff.flatMap((day) => readDay(day) ?? []);
    const badDay = typedOff.find((day) => readDay(day) === undefined);
    const all: Readonly<Record<string, string>> = {
      ...Object.fromEntries([...own.problems, ...helpers.problems]),
      ...(badDay === undefined ? {} : { off: `“${badDay}” is no date such as 24 Dec` }),
    };
    setProblems(all);
    if (Object.keys(all).length > 0) return;
    if (await onSave({ hours: own.hours, helperHours: helpers.hours, daysOff })) forget();
  };
  return (
    <View ref={part} className="gap-3 border-b border-line pb-4">
      <Type as="heading">Working hours</Type>
      <DraftLine {...line} />
      <WeekBoxes
        labelOf={ownDay}
        days={days}
        problems={problems}
        onType={(typed) => type({ days: [...typed] })}
      />
      <Field
        label="Days off"
        hint="As you write dates, with commas between: 24 Dec, 2026-12-31."
        value={off}
        error={problems['off']}
        onChangeText={(text) => type({ off: text })}
      />
      <View className="gap-1.5">
        <Type as="label">At the bench</Type>
        <Type as="small">
          With a helper, the day plan gives steps to two pairs of hands; torch and press are still one each.
        </Type>
        <Choices
          label="At the bench"
          choices={WHOSE}
          value={isHelped ? 'helped' : 'alone'}
          onChange={onWhose}
        />
      </View>
      {isHelped ? (
        <WeekBoxes
          labelOf={helpersDay}
          days={helperDays}
          problems={problems}
          onType={(typed) => type({ helperDays: [...typed] })}
        />
      ) : null}
      <SaveButton sum={sum} look="plain" label="Save hours" onPress={() => void save()} />
    </View>
  );
}
