import { shelfChangeSchema, type ShelfRing } from '@round-mint/contract/shelf';
import type { OfferTexts } from '@round-mint/core/trade';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { useCopy } from '@/features/shared/screen/use-copy';
import { noticeShown } from '@/store/notices-slice';
import { problemsOf } from '@/store/problem';
import { useChangeShelfRingMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';
import { useKeptForm } from '@/store/use-kept-form';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

interface TextsSheetProps {
  item: ShelfRing;
  /** As its figures tell them. */
  computed: OfferTexts;
  onClose: () => void;
}

/** What the maker tells of a ring, and what a buyer reads: worked out until a word of it is changed. */
export function TextsSheet({ item, computed, onClose }: TextsSheetProps) {
  const dispatch = useAppDispatch();
  const copy = useCopy();
  const [change, { isLoading }] = useChangeShelfRingMutation();
  const start = { story: item.story, ...(item.texts ?? computed) };
  const { texts, type, base, problems, refuse, keep, sheet } = useKeptForm({
    name: `shelf/${item.id}`,
    start,
    thing: item,
    onClose,
  });
  const { story, short, long } = texts;
  const isComputed = short === computed.short && long === computed.long;
  const submit = async () => {
    const parsed = shelfChangeSchema.safeParse({
      story: story.trim(),
      texts: isComputed ? null : { short, long },
    });
    if (!parsed.success) {
      refuse(problemsOf(parsed.error));
      return;
    }
    const saving = () => change({ id: item.id, ...parsed.data, isNew: false, base: base ?? item }).unwrap();
    if (await keep(saving)) dispatch(noticeShown({ text: `${item.ring.name}: its words are kept.` }));
  };
  return (
    <AddSheet title="Its words" action="Save" open saving={isLoading} {...sheet} onAdd={() => void submit()}>
      <Field
        label="Its story"
        hint="Stands in the long text, too, while that is worked out."
        value={story}
        error={problems['story']}
        maxLength={1000}
        multiline
        onChangeText={(text) => type({ story: text })}
      />
      <Field
        label="In short"
        value={short}
        error={problems['texts.short']}
        multiline
        onChangeText={(text) => type({ short: text })}
      />
      <Field
        label="In full"
        value={long}
        error={problems['texts.long']}
        multiline
        style={{ minHeight: 300 }}
        onChangeText={(text) => type({ long: text })}
      />
      {isComputed ? (
        <Type as="small">Worked out from its figures. Once you change a word, both stay as they are.</Type>
      ) : (
        <TextButton label="Work them out again" onPress={() => type(computed)} />
      )}
      <Button label="Copy the long text" onPress={() => void copy(long, 'The text was')} />
    </AddSheet>
  );
}
