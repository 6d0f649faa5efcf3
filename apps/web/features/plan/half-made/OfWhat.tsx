import type { CoinStock } from '@round-mint/contract/stock';
import { View } from 'react-native';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import type { BeginAnswer } from '@/workers/jobs';
import type { Problems } from './half-made-model';
import type { HalfMadeDraft } from './half-made-slice';

interface OfWhatProps {
  readonly draft: HalfMadeDraft;
  readonly problems: Problems;
  readonly piece: CoinStock | undefined;
  readonly answer: BeginAnswer | undefined;
  readonly onType: (change: Partial<HalfMadeDraft>) => void;
  readonly onPick: () => void;
}

/** The coin it was: one from stock, or another, with guesses that can be seen and changed. */
export function OfWhat({ draft, problems, piece, answer, onType, onPick }: OfWhatProps) {
  const write = useWriters();
  const { unit } = write;
  const ofDrawer = draft.ofDrawer && piece !== undefined;
  const guess = answer?.coin;
  const holeMm = answer?.plan.fitted.holeMm;
  return (
    <View className="gap-3">
      <LabelledChoices
        label="Of what coin?"
        value={ofDrawer ? 'drawer' : 'other'}
        minWidth={150}
        onChange={(which) => {
          onType({ ofDrawer: which === 'drawer' });
          if (which === 'drawer' && !piece) onPick();
        }}
        choices={[
          { value: 'other', label: 'not in stock', note: 'it came half-made' },
          {
            value: 'drawer',
            label: piece ? piece.name : 'one from stock',
            note: piece ? 'one leaves the stock' : 'choose it',
          },
        ]}
      />
      {ofDrawer ? null : (
        <>
          <MetalPicker value={draft.metal} onChange={(metal) => onType({ metal })} />
          <View className="flex-row gap-2">
            <Field
              className="flex-1"
              label="Coin was"
              unit={unit}
              value={draft.diameterText}
              placeholder={guess ? write.length(guess.diameterMm) : ''}
              onChangeText={(diameterText) => onType({ diameterText })}
              error={problems.diameterText}
              inputMode="decimal"
            />
            <Field
              className="flex-1"
              label="Thick"
              unit={unit}
              value={draft.rimThicknessText}
              placeholder={guess?.rimThicknessMm === undefined ? '' : write.length(guess.rimThicknessMm)}
              onChangeText={(rimThicknessText) => onType({ rimThicknessText })}
              error={problems.rimThicknessText}
              inputMode="decimal"
            />
            {draft.stage === 'punched' ? null : (
              <Field
                className="flex-1"
                label="Hole was"
                unit={unit}
                value={draft.holeText}
                placeholder={holeMm === undefined ? '' : write.length(holeMm)}
                onChangeText={(holeText) => onType({ holeText })}
                error={problems.holeText}
                inputMode="decimal"
              />
            )}
          </View>
          <Type as="small">What stands there in grey is a guess from its measures.</Type>
        </>
      )}
    </View>
  );
}
