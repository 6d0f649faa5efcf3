import type { ReactNode } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import type { FormDraft } from '@/store/use-form-draft';
import { SaveButton } from '@/ui/SaveButton';
import { Sheet } from '@/ui/Sheet';
import { useProblemSum } from '@/ui/use-problem-sum';

interface AddSheetProps {
  title: string;
  /** The main action: "Add the tool". */
  action: string;
  open: boolean;
  /** The server has it and has not answered yet. */
  saving: boolean;
  /** Why the server would not have it. */
  problem: string | undefined;
  /** What is kept of it while it is typed. */
  draft: FormDraft<object, object>['line'];
  onAdd: () => void;
  onClose: () => void;
  /** The boxes; each shows its own problem. */
  children: ReactNode;
}

/** A small form for something new or changed; nothing typed is lost, whether it is refused or the sheet is closed. */
export function AddSheet({
  title,
  action,
  open,
  saving,
  problem,
  draft,
  onAdd,
  onClose,
  children,
}: AddSheetProps) {
  const { part, ...sum } = useProblemSum();
  return (
    <Sheet
      title={title}
      open={open}
      onClose={onClose}
      footer={<SaveButton sum={sum} label={action} saving={saving} problem={problem} onPress={onAdd} />}
    >
      <DraftLine {...draft} />
      <View ref={part} className="gap-3">
        {children}
      </View>
    </Sheet>
  );
}
