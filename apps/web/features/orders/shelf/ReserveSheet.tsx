import { shelfEventBodySchema, type ShelfRing } from '@round-mint/contract/shelf';
import { useState } from 'react';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { DateField } from '@/features/shared/inputs/DateField';
import { dayFromNow, dayWords } from '@/features/shared/words/wall-clock';
import { problemsOf } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { Field } from '@/ui/Field';
import { useShelfLog } from './use-shelf-log';

/** As long as is usual to wait for a word. */
const USUAL_DAYS = 7;

/** Kept for somebody, up to a day. */
export function ReserveSheet({ item, onClose }: { item: ShelfRing; onClose: () => void }) {
  const { tell, busy } = useShelfLog(item);
  const { texts, type, forget, line } = useFormDraft(`reserve/${item.id}`, {
    who: '',
    until: dayFromNow(USUAL_DAYS),
  });
  const { who, until } = texts;
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const submit = async () => {
    const parsed = shelfEventBodySchema.safeParse({ kind: 'reserved', who, until });
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error));
      return;
    }
    if (!(await tell(parsed.data, `reserved for ${who.trim()} until ${dayWords(until)}`))) return;
    forget();
    onClose();
  };
  return (
    <AddSheet
      title={`Reserve ${item.ring.name}`}
      action="Reserve"
      open
      saving={busy}
      problem={undefined}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      <Field
        label="For whom"
        required
        value={who}
        error={problems['who']}
        onChangeText={(text) => type({ who: text })}
      />
      <DateField
        label="Until"
        value={until}
        error={problems['until']}
        onChange={(day) => type({ until: day })}
      />
    </AddSheet>
  );
}
