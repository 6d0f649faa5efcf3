import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
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
  onAdd: () => void;
  onClose: () => void;
  /** The boxes; each shows its own problem. */
  children: ReactNode;
}

/** A small form for something new; nothing typed is lost when it is not accepted. */
export function AddSheet({ title, action, open, saving, problem, onAdd, onClose, children }: AddSheetProps) {
  const { part, words, tried } = useProblemSum();
  const add = () => {
    onAdd();
    tried();
  };
  return (
    <Sheet
      title={title}
      open={open}
      onClose={onClose}
      footer={
        <View className="gap-2">
          {words ? <Notice level="stop" title={words} live /> : null}
          <Button look="main" label={saving ? 'Saving …' : action} disabled={saving} onPress={add} />
        </View>
      }
    >
      <View ref={part} className="gap-3">
        {children}
      </View>
      {problem ? <Notice level="stop" title={problem} live /> : null}
    </Sheet>
  );
}
