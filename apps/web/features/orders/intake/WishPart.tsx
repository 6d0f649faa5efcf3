import { metalById } from '@round-mint/core/metal';
import { useMemo } from 'react';
import { View } from 'react-native';
import { FACES } from '@/features/shared/words/faces';
import { FINISHES } from '@/features/shared/words/finishes';
import { WALLS } from '@/features/shared/words/walls';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useListStockQuery } from '@/store/api';
import { useAppDispatch } from '@/store/store';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';
import { intakeTyped, type IntakeTexts } from '@/features/orders/wish/intake-slice';
import type { IntakeProblems } from '@/features/orders/wish/intake-model';

const KINDS = [
  { value: 'coin', label: 'a coin' },
  { value: 'handle', label: 'silverware' },
  { value: 'strip', label: 'plain metal' },
  { value: 'band', label: 'their own band', describe: 'their own band, in another size' },
] as const;

const LININGS = [
  { value: 'none', label: 'no lining' },
  { value: 'gold', label: 'gold inside' },
] as const;

const SOURCES = [
  { value: 'ours', label: 'from stock' },
  { value: 'sent-in', label: 'their own piece' },
] as const;

/** Of a drawer full of pieces, the ones of the kind that is wished. */
function usePieces(kind: IntakeTexts['kind']) {
  const stock = useListStockQuery(useMemo(() => ({ kind }), [kind])).data;
  return useMemo(
    () => (stock ?? []).filter((piece) => piece.kind === kind && piece.quantity > 0),
    [stock, kind],
  );
}

/** What it is to be made of, and how it is to look. */
export function WishPart({ texts, problems }: { texts: IntakeTexts; problems: IntakeProblems }) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const pieces = usePieces(texts.kind);
  const metals = useMemo(
    () => [
      { value: '', label: 'any' },
      ...[...new Set(pieces.map(({ metal }) => metal))]
        .filter((id) => metalById(id).refusal === undefined)
        .map((id) => ({ value: id, label: metalById(id).name })),
    ],
    [pieces],
  );
  const type = (change: Partial<IntakeTexts>) => dispatch(intakeTyped(change));
  const coin = texts.kind === 'coin';
  return (
    <View className="gap-3">
      <Type as="heading">The ring</Type>
      <LabelledChoices
        label="Made of"
        choices={KINDS}
        value={texts.kind}
        onChange={(kind) => type({ kind, metal: '', stockId: '' })}
        minWidth={108}
      />
      <LabelledChoices
        label="Whose piece"
        choices={SOURCES}
        value={texts.stockFrom}
        onChange={(stockFrom) => type({ stockFrom })}
        minWidth={130}
      />
      {texts.stockFrom === 'sent-in' ? (
        <View className="gap-1">
          <Type as="small">Enter the customer’s piece under Stock, as any other; then choose it here.</Type>
          <LabelledChoices
            label="The piece that was sent in"
            choices={pieces.map(({ id, name }) => ({ value: id, label: name }))}
            value={texts.stockId}
            onChange={(stockId) => type({ stockId })}
            invalid={problems.stockId !== undefined}
            minWidth={170}
          />
          {problems.stockId ? (
            <Type as="small" role="alert" className="text-stop">{`✕ ${problems.stockId}`}</Type>
          ) : null}
        </View>
      ) : null}
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Year"
          placeholder="any"
          inputMode="numeric"
          value={texts.year}
          error={problems.year}
          onChangeText={(year) => type({ year })}
        />
        <Field
          className="flex-1"
          label="Width from"
          unit={write.unit}
          inputMode="decimal"
          value={texts.widthMin}
          error={problems.widthMin}
          onChangeText={(widthMin) => type({ widthMin })}
        />
        <Field
          className="flex-1"
          label="Width to"
          unit={write.unit}
          inputMode="decimal"
          value={texts.widthMax}
          error={problems.widthMax}
          onChangeText={(widthMax) => type({ widthMax })}
        />
      </View>
      {coin ? (
        <>
          <LabelledChoices
            label="Face outside"
            choices={FACES}
            value={texts.face}
            onChange={(face) => type({ face })}
          />
          <LabelledChoices
            label="Wall"
            choices={WALLS}
            value={texts.wall}
            onChange={(wall) => type({ wall })}
          />
        </>
      ) : null}
      <LabelledChoices
        label="Metal"
        choices={metals}
        value={texts.metal}
        onChange={(metal) => type({ metal })}
        minWidth={104}
      />
      <LabelledChoices
        label="Finish"
        choices={FINISHES}
        value={texts.finish}
        onChange={(finish) => type({ finish })}
      />
      <LabelledChoices
        label="Lining"
        choices={LININGS}
        value={texts.lining}
        onChange={(lining) => type({ lining })}
        minWidth={130}
      />
      <Field
        label="Engraving or dedication"
        value={texts.dedication}
        onChangeText={(dedication) => type({ dedication })}
        maxLength={200}
      />
    </View>
  );
}
