import { useState } from 'react';
import { hasDraft } from '@/store/drafts';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';

/** Says that a form goes on with what was typed before, and how to begin it anew. */
export function DraftLine({ name, onStartOver }: { name: string; onStartOver: () => void }) {
  const [goesOn, setGoesOn] = useState(() => hasDraft(name));
  if (!goesOn) return null;
  const startOver = () => {
    setGoesOn(false);
    onStartOver();
  };
  return (
    <Notice
      level="note"
      title="What you typed before is still here."
      testID="draft-line"
      end={<TextButton label="Start over" onPress={startOver} />}
    />
  );
}
