import CalendarDays from 'lucide-react-native/icons/calendar-days';
import { useRef, useState } from 'react';
import { Pressable, View } from 'react-native';
import { dayAndYear } from '@/features/shared/words/dates';
import { dayFromNow, dayNumber, wallDate } from '@/features/shared/words/wall-clock';
import { usePalette } from '@/theme/light';
import { Field } from '@/ui/Field';
import { readDay } from './read-day';

interface DateFieldProps {
  label: string;
  /** A day such as 2026-12-04; what was typed and is none, so that the form tells; or nothing. */
  value: string;
  onChange: (value: string) => void;
  error?: string | undefined;
  /** While nothing is typed. */
  hint?: string;
  /** Whether a day that is past is nothing to ask about. */
  mayBePast?: boolean;
}

const MINUTES_A_DAY = 1440;

/** What was understood of a day, asked about where it is past. */
function dayHint(day: string, mayBePast: boolean): string {
  const words = dayAndYear(wallDate(dayNumber(day) * MINUTES_A_DAY));
  return mayBePast || day >= dayFromNow() ? words : `${words} is past. Is it meant so?`;
}

/** A day, typed in any usual way or chosen from the device's own calendar; what was understood stands below. */
export function DateField({ label, value, onChange, error, hint, mayBePast = false }: DateFieldProps) {
  const palette = usePalette();
  const calendar = useRef<HTMLInputElement>(null);
  const [typed, setTyped] = useState(value);
  const read = readDay(typed);
  // A day that came from elsewhere takes the place of what was typed.
  const shown = (read ?? typed.trim()) === value ? typed : value;
  const day = readDay(value);
  const type = (text: string) => {
    setTyped(text);
    onChange(readDay(text) ?? text.trim());
  };
  return (
    <View className="flex-row items-start gap-2">
      <Field
        className="flex-1"
        label={label}
        placeholder="24 Dec, in 3 weeks"
        value={shown}
        error={error}
        hint={day ? dayHint(day, mayBePast) : hint}
        onChangeText={type}
      />
      <View className="relative mt-6">
        <Pressable
          role="button"
          aria-label={`${label}: choose from a calendar`}
          onPress={() => calendar.current?.showPicker()}
          className="h-12 w-12 items-center justify-center border border-soft active:opacity-70"
        >
          <CalendarDays size={22} color={palette.ink} />
        </Pressable>
        {/* Under the button, where the device's calendar opens. */}
        <input
          ref={calendar}
          type="date"
          value={day ?? ''}
          onChange={(event) => type(event.target.value)}
          aria-hidden
          tabIndex={-1}
          style={{ position: 'absolute', inset: 0, opacity: 0, pointerEvents: 'none' }}
        />
      </View>
    </View>
  );
}
