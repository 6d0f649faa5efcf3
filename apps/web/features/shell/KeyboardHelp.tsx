import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { PLACES } from './places';

const GENERAL = [
  ['Tab', 'to the next thing'],
  ['Enter', 'press or choose it'],
  ['Esc', 'close a sheet'],
  ['?', 'this list'],
] as const;

/** Keys typed into a box are text, not orders. */
function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.tagName === 'INPUT' || target.tagName === 'TEXTAREA');
}

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
  const keys = [...PLACES.map(({ name }, i) => [String(i + 1), name] as const), ...GENERAL];
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
