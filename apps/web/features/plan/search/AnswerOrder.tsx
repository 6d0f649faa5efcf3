import type { Way } from '@round-mint/core/ways';
import { useState } from 'react';
import { View } from 'react-native';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { LabelledChoices } from '@/ui/Choices';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { kindChoices, SORTS, type ShownKind, type SortBy } from './search-model';

interface AnswerOrderProps {
  ways: readonly Way[];
  kind: ShownKind;
  by: SortBy;
  onKind: (kind: ShownKind) => void;
  onSort: (by: SortBy) => void;
}

/** How many answers there are, which are shown, and in which order; on a phone it is told in a line, and the answers stand right below. */
export function AnswerOrder({ ways, kind, by, onKind, onSort }: AnswerOrderProps) {
  const wide = useWidthClass() === 'wide';
  const [isOpen, setOpen] = useState(false);
  const kinds = kindChoices(ways);
  const heading = <Type as="heading" role="status">{`${ways.length} ways to make it`}</Type>;
  if (!wide && !isOpen) {
    const made = kind === 'all' ? 'all kinds' : kinds.find(({ value }) => value === kind)?.label;
    const sort = SORTS.find(({ value }) => value === by)?.label;
    return (
      <View className="flex-row items-center justify-between gap-3">
        {heading}
        <TextButton
          label={`${made}, ${by === 'score' ? 'best first' : `by ${sort}`}`}
          describe="Change what is shown, and its order"
          onPress={() => setOpen(true)}
        />
      </View>
    );
  }
  return (
    <>
      {heading}
      <LabelledChoices label="Made as" choices={kinds} value={kind} onChange={onKind} minWidth={96} />
      <LabelledChoices label="Sort by" choices={SORTS} value={by} onChange={onSort} minWidth={78} />
    </>
  );
}
