import { View } from 'react-native';
import { DateField } from '@/features/shared/inputs/DateField';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { useAppDispatch } from '@/store/store';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { intakeTyped, type IntakeTexts } from '@/features/orders/wish/intake-slice';
import type { IntakeProblems } from '@/features/orders/wish/intake-model';

const WEEKS = [2, 4, 6] as const;

const APPROVALS = [
  { value: 'yes', label: 'yes, by photo', note: 'before the last stretch' },
  { value: 'no', label: 'no need' },
] as const;

/** When it is wanted, whether it is shown before it is finished, and pieces given in exchange. */
export function TermsPart({ texts, problems }: { texts: IntakeTexts; problems: IntakeProblems }) {
  const dispatch = useAppDispatch();
  const type = (change: Partial<IntakeTexts>) => dispatch(intakeTyped(change));
  const days = [
    { value: '', label: 'no date' },
    ...WEEKS.map((weeks) => ({ value: dayFromNow(7 * weeks), label: `${weeks} weeks` })),
  ];
  return (
    <View className="gap-3">
      <Type as="heading">Date and terms</Type>
      <DateField
        label="Wanted by"
        value={texts.wantedBy}
        error={problems.wantedBy}
        hint="A date, or one of these"
        onChange={(wantedBy) => type({ wantedBy })}
      />
      <Choices
        label="Wanted in"
        choices={days}
        value={texts.wantedBy}
        onChange={(wantedBy) => type({ wantedBy })}
        minWidth={72}
      />
      <LabelledChoices
        label="Shown to the customer before it is finished"
        choices={APPROVALS}
        value={texts.approvalWanted ? 'yes' : 'no'}
        onChange={(value) => type({ approvalWanted: value === 'yes' })}
        minWidth={130}
      />
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Pieces in exchange"
          placeholder="none"
          inputMode="numeric"
          value={texts.exchangePieces}
          error={problems.exchangePieces}
          onChangeText={(exchangePieces) => type({ exchangePieces })}
        />
        <Field
          className="flex-1"
          label="Taken for, each"
          placeholder="0"
          inputMode="decimal"
          value={texts.exchangeValue}
          error={problems.exchangeValue}
          onChangeText={(exchangeValue) => type({ exchangeValue })}
        />
      </View>
      <Field
        label="What it is called"
        value={texts.name}
        onChangeText={(name) => type({ name })}
        hint="Left empty, by person and piece."
        maxLength={80}
      />
      <Field label="Notes" value={texts.notes} onChangeText={(notes) => type({ notes })} multiline />
    </View>
  );
}
