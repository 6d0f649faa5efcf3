import { parseSize } from '@round-mint/core/size';
import { View } from 'react-native';
import { StageDrawing } from '@/drawings/half-made/StageDrawing';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { STAGE_WORDS, type Problems } from './half-made-model';
import type { HalfMadeDraft } from './half-made-slice';

interface FieldsProps {
  readonly draft: HalfMadeDraft;
  readonly problems: Problems;
  readonly onType: (change: Partial<HalfMadeDraft>) => void;
}

/** Where a first touch of a size box's plates begins, mm: a middling ring. */
const MIDDLING_MM = 18.9;

function ReadingField({
  label,
  field,
  draft,
  problems,
  onType,
}: FieldsProps & { readonly label: string; readonly field: 'rimText' | 'cutText' }) {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const text = draft[field];
  const parsed = parseSize(text, primarySystem);
  const mm = parsed.ok ? parsed.insideDiameterMm : undefined;
  const empty = text.trim() === '';
  return (
    <View className="gap-1">
      <Type as="label">{label}</Type>
      <SizeInput
        label={label}
        text={text}
        targetMm={empty ? MIDDLING_MM : mm}
        problem={empty ? undefined : problems[field]}
        system={primarySystem}
        note={mm === undefined ? 'as the mandrel reads it' : `${write.second(mm)} · ⌀ ${write.length(mm)}`}
        write={write.size}
        onChange={(next) => onType({ [field]: next })}
      />
    </View>
  );
}

/** What the piece is now, what it reads, and what else was measured. */
export function MeasureFields(props: FieldsProps) {
  const { draft, problems, onType } = props;
  const { unit } = useWriters();
  const punched = draft.stage === 'punched';
  const [rim, cut] =
    draft.stage === 'folded'
      ? ['Rim edge down', 'Cut edge down']
      : ['One edge down (rim)', 'The other (cut)'];
  return (
    <View className="gap-4">
      <LabelledChoices
        label="What is it now?"
        value={draft.stage}
        onChange={(stage) => onType({ stage })}
        minWidth={64}
        choices={STAGE_WORDS.map(({ value, label }) => ({
          value,
          label,
          picture: <StageDrawing stage={value} width={56} />,
        }))}
      />
      {punched ? (
        <Field
          label="Hole"
          unit={unit}
          value={draft.holeText}
          onChangeText={(holeText) => onType({ holeText })}
          error={problems.holeText}
          inputMode="decimal"
        />
      ) : (
        <>
          <ReadingField {...props} label={rim ?? ''} field="rimText" />
          <ReadingField {...props} label={cut ?? ''} field="cutText" />
          <View className="gap-1.5">
            <Type as="label">What else was measured</Type>
            <Type as="small">{`Height and thicknesses in ${unit}. Left empty, it is worked out.`}</Type>
            <View className="flex-row gap-2">
              <Field
                className="flex-1"
                label="Height"
                value={draft.heightText}
                onChangeText={(heightText) => onType({ heightText })}
                error={problems.heightText}
                inputMode="decimal"
              />
              <Field
                className="flex-1"
                label="At rim"
                value={draft.thicknessRimText}
                onChangeText={(thicknessRimText) => onType({ thicknessRimText })}
                error={problems.thicknessRimText}
                inputMode="decimal"
              />
              <Field
                className="flex-1"
                label="At cut"
                value={draft.thicknessCutText}
                onChangeText={(thicknessCutText) => onType({ thicknessCutText })}
                error={problems.thicknessCutText}
                inputMode="decimal"
              />
              {draft.stage === 'folded' || draft.stage === 'rounded' ? (
                <Field
                  className="flex-1"
                  label="Lean °"
                  value={draft.leanText}
                  onChangeText={(leanText) => onType({ leanText })}
                  error={problems.leanText}
                  inputMode="decimal"
                />
              ) : null}
            </View>
          </View>
        </>
      )}
    </View>
  );
}
