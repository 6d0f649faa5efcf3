import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';

interface AskReadingSheetProps {
  readonly onRead: () => void;
  readonly onGoOn: () => void;
  readonly onClose: () => void;
}

/** A step that decides what comes next is said to be done, and nothing was read: asked once, never insisted on. */
export function AskReadingSheet({ onRead, onGoOn, onClose }: AskReadingSheetProps) {
  return (
    <Sheet title="Nothing was read in this step." open onClose={onClose}>
      <Type>What comes next depends on it. Without a reading the ring is taken to stand as planned.</Type>
      <Button look="main" label="Log a reading" onPress={onRead} />
      <Button label="Go on without" onPress={onGoOn} testID="go-on-without" />
    </Sheet>
  );
}
