import { View } from 'react-native';
import { Type } from './Type';

/** A name and its value on a ruled line; stands in a list. */
export function FactLine({ name, value }: { name: string; value: string }) {
  return (
    <View role="listitem" className="flex-row justify-between gap-4 border-b border-line py-2">
      <Type as="small">{name}</Type>
      <Type as="label" className="flex-1 text-right">
        {value}
      </Type>
    </View>
  );
}
