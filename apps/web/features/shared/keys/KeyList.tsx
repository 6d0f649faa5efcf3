import { View } from 'react-native';
import { Type } from '@/ui/Type';
import { KEY_GROUPS } from './keys-words';

/** Every key and gesture, by where it works. */
export function KeyList() {
  return KEY_GROUPS.map(({ title, lines }) => (
    <View key={title} className="pb-2">
      <Type as="heading">{title}</Type>
      <View role="list" aria-label={title}>
        {lines.map(([key, what]) => (
          <View
            key={`${key} ${what}`}
            role="listitem"
            className="flex-row items-center gap-4 border-b border-line py-2"
          >
            <View className="min-w-[64px] items-center border border-soft px-2 py-0.5">
              <Type as="label">{key}</Type>
            </View>
            <Type className="flex-1">{what}</Type>
          </View>
        ))}
      </View>
    </View>
  ));
}
