import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { isTyping } from '@/features/shared/screen/keys';
import { PLACES } from '@/features/shared/tabs/places';

const GENERAL = [
  ['Tab', 'to the next thing'],
  ['Enter', 'press or choose it'],
  ['Esc', 'close a sheet'],
  ['?', 'this list'],
] as const;

/** With a ring at the bench. */
const AT_BENCH = [
  ['← →', 'look at other steps'],
  ['d', 'step done'],
  ['r', 'log a reading'],
  ['t', 'trouble'],
  ['u', 'undo what was logged last'],
  ['Space', 'hands-free: done, as are Enter and Page Down'],
  ['Page Up', 'hands-free: undo'],
] as const;

/** The keys that work everywhere; `?` lists them. */
export function KeyboardHelp() {
  const [open, setOpen] = useState(false);
  const router = useRouter();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const place = PLACES[Number(event.key) - 1];
      if (event.key === '?') setOpen(true);
      else if (place) router.navigate(place.href);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router]);
  const keys = [...PLACES.map(({ name }, i) => [String(i + 1), name] as const), ...GENERAL, ...AT_BENCH];
  return (
    <Sheet title="Keys" open={open} onClose={() => setOpen(false)}>
      <View role="list" aria-label="Keys">
        {keys.map(([key, what]) => (
          <View key={key} role="listitem" className="flex-row items-center gap-4 border-b border-line py-2">
            <View className="min-w-[56px] items-center border border-soft px-2 py-0.5">
              <Type as="label">{key}</Type>
            </View>
            <Type>{what}</Type>
          </View>
        ))}
      </View>
    </Sheet>
  );
}
