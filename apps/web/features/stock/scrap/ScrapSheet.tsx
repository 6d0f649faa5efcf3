import { scrapInputSchema, type StoredScrap } from '@round-mint/contract/scrap';
import { parseDecimal } from '@round-mint/core/format';
import { useState } from 'react';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useArchive } from '@/features/shared/screen/use-archive';
import { MetalPicker } from '@/features/shared/inputs/MetalPicker';
import { newId } from '@/store/new-id';
import { problemsOf } from '@/store/problem';
import { useRemoveScrapMutation, useSaveScrapMutation } from '@/store/trade-api';
import { useKeptForm } from '@/store/use-kept-form';
import { Field } from '@/ui/Field';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Something in the tin: what the plan guessed is corrected by the scale. */
export function ScrapSheet({ thing, onClose }: { thing: StoredScrap | undefined; onClose: () => void }) {
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    name: `scrap/${thing?.id ?? 'new'}`,
    start: {
      mass: thing?.massG.toFixed(2) ?? '',
      metal: `${thing?.metal ?? 'silver-925'}`,
      note: thing?.note ?? '',
    },
    thing,
    onClose,
  });
  const { mass, metal, note } = texts;
  const [id] = useState(() => thing?.id ?? newId());
  const [save, { isLoading }] = useSaveScrapMutation();
  const [remove] = useRemoveScrapMutation();
  const archive = useArchive('scrap', remove);
  const submit = async () => {
    const {
      createdAt: _createdAt,
      updatedAt: _updatedAt,
      version: _version,
      ...before
    } = base ?? {
      createdAt: '',
      updatedAt: '',
      version: 0,
      ...{ at: new Date().toISOString(), kind: 'other', fineness: null, ringId: null, meltedIntoId: null },
    };
    const massG = parseDecimal(mass);
    const weighed = { ...before, id, massG, metal, note, source: 'scale' };
    const parsed = scrapInputSchema.safeParse(weighed);
    if (!parsed.success) {
      refuse(problemsOf(parsed.error));
      return;
    }
    await keep(() => save({ ...parsed.data, isNew: base === undefined, base }).unwrap());
  };
  return (
    <AddSheet
      title={thing ? 'On the scale' : 'Into the tin'}
      action={thing ? 'Save mass' : 'Put it in'}
      open
      saving={isLoading}
      {...sheet}
      onAdd={() => void submit()}
    >
      {thing?.source === 'plan' ? (
        <Type as="small">The plan computed this mass; the scale knows better.</Type>
      ) : null}
      <Field
        label="Mass"
        unit="g"
        inputMode="decimal"
        value={mass}
        error={problems['massG']}
        onChangeText={(text) => type({ mass: text })}
        testID="scrap-mass"
      />
      <TakeFrom device="scale" onTake={(value) => type({ mass: String(value) })} />
      {thing ? null : <MetalPicker value={metal} onChange={(next) => type({ metal: next })} />}
      <Field
        label="What it is"
        value={note}
        error={problems['note']}
        onChangeText={(text) => type({ note: text })}
      />
      {thing ? (
        <TextButton
          label={thing.kind === 'button' ? 'Sold, or gone: take it out' : 'Take it out'}
          onPress={() => {
            void archive({ id: thing.id, name: thing.note || 'It' });
            onClose();
          }}
        />
      ) : null}
    </AddSheet>
  );
}
