import type { ShelfRing } from '@round-mint/contract/shelf';
import { useState } from 'react';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useChangeShelfRingMutation } from '@/store/shelf-api';
import { useAppDispatch } from '@/store/store';
import { useFormDraft } from '@/store/use-form-draft';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { Field } from '@/ui/Field';

/** What the maker tells of a ring. */
export function StorySheet({ item, onClose }: { item: ShelfRing; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const [change, { isLoading }] = useChangeShelfRingMutation();
  const { texts, type, base, forget, line } = useFormDraft(`shelf/${item.id}`, { story: item.story }, item);
  const [problem, setProblem] = useState<string>();
  const submit = async () => {
    try {
      await change({ id: item.id, story: texts.story.trim(), base: base ?? item }).unwrap();
      forget();
      dispatch(noticeShown({ text: 'The story is kept.' }));
      onClose();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <AddSheet
      title="Its story"
      action="Save"
      open
      saving={isLoading}
      problem={problem}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      <Field
        label="What a buyer should know of it"
        value={texts.story}
        maxLength={1000}
        multiline
        onChangeText={(story) => type({ story })}
      />
    </AddSheet>
  );
}
