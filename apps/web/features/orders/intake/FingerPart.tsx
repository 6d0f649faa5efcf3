import { MM_PER_US_SIZE } from '@round-mint/core/size';
import { View } from 'react-native';
import { converted } from '@/features/shared/words/finger-model';
import { FingerChoices } from '@/features/shared/inputs/FingerChoices';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { intakeTyped, type IntakeTexts } from '@/features/orders/wish/intake-slice';
import type { Intake } from '@/features/orders/wish/intake-model';

interface FingerPartProps {
  texts: IntakeTexts;
  intake: Intake;
  /** It was tried to save the order: a size that is missing is told, too. */
  wasTried: boolean;
}

/** Which finger, how large, and how that is known; the size in every system. */
export function FingerPart({ texts, intake, wasTried }: FingerPartProps) {
  const dispatch = useAppDispatch();
  const settings = useSettings();
  const write = useWriters();
  const { targetMm, problems, advice, allowance } = intake;
  const type = (change: Partial<IntakeTexts>) => dispatch(intakeTyped(change));
  const everywhere =
    targetMm === undefined
      ? ''
      : converted(targetMm)
          .map(({ mark }) => mark)
          .join(' · ');
  return (
    <View className="gap-3">
      <Type as="heading">The finger</Type>
      <View className="gap-1.5">
        <Type as="label">Size as given</Type>
        <SizeInput
          label="Size as given"
          text={texts.size}
          targetMm={targetMm}
          problem={texts.size.trim() === '' && !wasTried ? undefined : problems.size}
          system={settings.primarySystem}
          note={targetMm === undefined ? 'As it was told: 7½, P½, EU 54, 17.3 mm' : everywhere}
          write={write.size}
          onChange={(size) => type({ size })}
        />
      </View>
      <FingerChoices value={texts} onChange={type} />
      {texts.measuredBy === 'gauge' || texts.measuredBy === 'sizer' ? (
        <Field
          label="Width of the gauge"
          unit={write.unit}
          inputMode="decimal"
          value={texts.gaugeWidth}
          error={problems.gaugeWidth}
          onChangeText={(gaugeWidth) => type({ gaugeWidth })}
        />
      ) : null}
      {texts.measuredBy === 'knuckle' ? (
        <Field
          label="Knuckle, as a size"
          value={texts.knuckle}
          error={problems.knuckle}
          onChangeText={(knuckle) => type({ knuckle })}
        />
      ) : null}
      {advice.map((words) => (
        <Notice key={words} level="note" title={words} />
      ))}
      {allowance ? (
        <Notice
          level="note"
          title={`Add ${write.amount(allowance.usSizes * MM_PER_US_SIZE)}? ${allowance.reason}`}
          end={<Button label="Add it" onPress={() => type({ allowanceUs: allowance.usSizes })} />}
        />
      ) : null}
      {texts.allowanceUs > 0 ? (
        <Notice
          level="note"
          title={`With ${write.amount(texts.allowanceUs * MM_PER_US_SIZE)} for the width.`}
          end={<Button label="Take it off" onPress={() => type({ allowanceUs: 0 })} />}
        />
      ) : null}
    </View>
  );
}
