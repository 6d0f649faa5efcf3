import { useState } from 'react';
import { View } from 'react-native';
import { useGetHealthQuery } from '@/store/api';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Says that this is the made-up workshop, and how a maker begins their own. */
export function DemoBar() {
  const demo = useGetHealthQuery().data?.demo ?? false;
  const [open, setOpen] = useState(false);
  if (!demo) return null;
  return (
    <View
      role="note"
      className="flex-row items-center justify-between gap-3 border-b border-line bg-fold px-4"
      testID="demo-bar"
    >
      <Type as="small" className="flex-1 text-ink" numberOfLines={1}>
        A made-up workshop, to try things in
      </Type>
      <TextButton label="Start my own" onPress={() => setOpen(true)} />
      <Sheet title="Your own workshop" open={open} onClose={() => setOpen(false)}>
        <Type>Where this one was started, end it with Ctrl and C, and type:</Type>
        <Type as="figure">npm start</Type>
        <Type>
          It opens a workshop of your own: empty, in the folder “workshop”, and never mixed with this one.
          Nothing that you try here is lost or carried over; “npm run demo” brings it back.
        </Type>
      </Sheet>
    </View>
  );
}
