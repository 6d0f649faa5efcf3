import { useMemo } from 'react';
import { View } from 'react-native';
import { metalById } from '@round-mint/core/metal';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { sizeTyped, wallChosen } from '@/features/plan/draft/plan-draft-slice';
import { FACES } from '@/features/shared/words/faces';
import { draftTarget } from '@/features/plan/draft/plan-model';
import { WALLS } from '@/features/shared/words/walls';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useCoins } from '@/store/use-coins';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import type { WishProblems } from './search-model';
import { wishTyped } from './search-slice';

/** Metals that are in stock, and "any". */
function useMetalChoices() {
  const stock = useCoins().data;
  return useMemo(() => {
    const metals = [...new Set((stock ?? []).map(({ metal }) => metal))].filter(
      (id) => metalById(id).refusal === undefined,
    );
    return [{ value: '', label: 'any' }, ...metals.map((id) => ({ value: id, label: metalById(id).name }))];
  }, [stock]);
}

const MARKS = [
  { value: 'whole', label: 'stays whole' },
  { value: 'may-cut', label: 'may be cut' },
] as const;

/** What the ring should be; all but the size may be left open. */
export function WishForm({ problems }: { problems: WishProblems }) {
  const dispatch = useAppDispatch();
  const settings = useSettings();
  const write = useWriters();
  const draft = useAppSelector((state) => state.planDraft);
  const { wish } = useAppSelector((state) => state.search);
  const metals = useMetalChoices();
  const hasMarks = useCoins().data?.some(({ mustStay }) => mustStay && mustStay.length > 0);
  const { targetMm } = draftTarget(draft, settings);
  const note =
    targetMm === undefined
      ? ''
      : `${write.size(targetMm)} · ${write.second(targetMm)} · ⌀ ${write.length(targetMm)}`;
  return (
    <View className="gap-3">
      <Type as="label">For a finger of</Type>
      <SizeInput
        label="Target size"
        text={draft.sizeText}
        targetMm={targetMm}
        problem={problems.size}
        system={settings.primarySystem}
        note={note}
        write={write.size}
        onChange={(text) => dispatch(sizeTyped(text))}
      />
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Width from"
          unit={write.unit}
          inputMode="decimal"
          value={wish.widthMin}
          error={problems.widthMin}
          onChangeText={(widthMin) => dispatch(wishTyped({ widthMin }))}
        />
        <Field
          className="flex-1"
          label="Width to"
          unit={write.unit}
          inputMode="decimal"
          value={wish.widthMax}
          error={problems.widthMax}
          onChangeText={(widthMax) => dispatch(wishTyped({ widthMax }))}
        />
      </View>
      <LabelledChoices
        label="Wall"
        choices={WALLS}
        value={draft.wall}
        onChange={(value) => dispatch(wallChosen(value))}
      />
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Year"
          placeholder="any"
          inputMode="numeric"
          value={wish.year}
          error={problems.year}
          onChangeText={(year) => dispatch(wishTyped({ year }))}
        />
        <Field
          className="flex-1"
          label="Piece costs at most"
          unit={settings.currency}
          placeholder="anything"
          inputMode="decimal"
          value={wish.priceMax}
          error={problems.priceMax}
          onChangeText={(priceMax) => dispatch(wishTyped({ priceMax }))}
        />
      </View>
      <LabelledChoices
        label="Face outside"
        choices={FACES}
        value={wish.face}
        onChange={(face) => dispatch(wishTyped({ face }))}
      />
      {hasMarks ? (
        <>
          <LabelledChoices
            label="What must stay on a piece"
            choices={MARKS}
            value={wish.marks}
            onChange={(marks) => dispatch(wishTyped({ marks }))}
          />
        </>
      ) : null}
      <LabelledChoices
        label="Metal"
        choices={metals}
        value={wish.metal}
        onChange={(metal) => dispatch(wishTyped({ metal }))}
        minWidth={104}
      />
    </View>
  );
}
