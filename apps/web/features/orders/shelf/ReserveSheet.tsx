import { shelfEventBodySchema, type ShelfRing } from '@round-mint/contract/shelf';
import { useState } from 'react';
import { DateField } from '@/features/shared/inputs/DateField';
import { dayFromNow, dayWords } from '@/features/shared/words/wall-clock';
import { problemsOf } from '@/store/problem';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { useShelfLog } from './use-shelf-log';

/** As long as is usual to wait for a word. */
const USUAL_DAYS = 7;

/** Kept for somebody, up to a day. */
export function ReserveSheet({ item, onClose }: { item: ShelfRing; onClose: () => void }) {
  const { tell, busy } = useShelfLog(item);
  const [who, setWho] = useState(item.reserved?.who ?? '');
  const [until, setUntil] = useState(item.reserved?.until ?? dayFromNow(USUAL_DAYS));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const submit = async () => {
    const parsed = shelfEventBodySchema.safeParse({ kind: 'reserved', who, until });
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error));
      return;
    }
    if (await tell(parsed.data, `reserved for ${who.trim()} until ${dayWords(until)}`)) onClose();
  };
  return (
    <Sheet
      title={`Reserve ${item.ring.name}`}
      open
      onClose={onClose}
      footer={<Button look="main" label="Reserve" disabled={busy} onPress={() => void submit()} />}
    >
      <Field label="For whom" required value={who} error={problems['who']} onChangeText={setWho} />
      <DateField label="Until" value={until} error={problems['until']} onChange={setUntil} />
    </Sheet>
  );
}
