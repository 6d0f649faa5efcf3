import { clockDirection, type LengthUnit } from '@round-mint/core/format';
import { View } from 'react-native';
import { useAppDispatch } from '@/store/store';
import { Field } from '@/ui/Field';
import { angleOf } from './centring-model';
import { landTyped } from './centring-slice';

interface LandFieldsProps {
  texts: readonly string[];
  problems: Readonly<Record<number, string>>;
  unit: LengthUnit;
}

/** A box for each place, numbered as in the drawing. */
export function LandFields({ texts, problems, unit }: LandFieldsProps) {
  const dispatch = useAppDispatch();
  return (
    <View className="flex-row flex-wrap gap-x-3 gap-y-2">
      {texts.map((text, place) => (
        <Field
          key={`${texts.length}-${place}`}
          className="min-w-[100px] flex-1"
          label={`${place + 1} · ${clockDirection(angleOf(place, texts.length))}`}
          unit={unit}
          value={text}
          error={problems[place]}
          inputMode="decimal"
          onChangeText={(typed) => dispatch(landTyped({ place, text: typed }))}
        />
      ))}
    </View>
  );
}
