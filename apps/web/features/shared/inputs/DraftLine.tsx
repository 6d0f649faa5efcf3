import { useState } from 'react';
import { View } from 'react-native';
import { hasDraft } from '@/store/drafts';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Says that a form goes on with what was typed before, and how to begin it anew. */
export function DraftLine({ name, onStartOver }: { name: string; onStartOver: () => void }) {
  const [goesOn, setGoesOn] = useState(() => hasDraft(name));
  if (!goesOn) return null;
  const startOver = () => {
    setGoesOn(false);
    onStartOver();
  };
  return (
    <View role="note" className="flex-row items-center gap-3" testID="draft-line">
      <Type className="flex-1">What you typed before is still here.</Type>
      <TextButton label="Start over" onPress={startOver} />
    </View>
  );
}
