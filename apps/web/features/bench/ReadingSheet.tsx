import { parseSize, predictReading, type ReadingMark } from '@round-mint/core/size';
import type { RouteStep } from '@round-mint/core/route';
import { useState } from 'react';
import { View } from 'react-native';
import { SizeInput } from '@/features/sizes/SizeInput';
import { useSettings, useWriters } from '@/features/settings/use-settings';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { BenchLog } from './use-bench-log';

interface ReadingSheetProps {
  open: boolean;
  onClose: () => void;
  step: RouteStep;
  mandrelMmPerUsSize: number;
  log: BenchLog;
}

const MARKS: readonly { value: ReadingMark; label: string }[] = [
  { value: 'leading', label: 'at the leading edge' },
  { value: 'centre', label: 'at the middle' },
];

/** A reading both ways round, begun from what the plan expects, so that most readings are a tap or two. */
export function ReadingSheet({ open, onClose, step, mandrelMmPerUsSize, log }: ReadingSheetProps) {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const heightMm = step.outline.arcMm.at(-1) ?? 0;
  const expected =
    step.reading ?? predictReading(step.after, heightMm, 'leading', { mmPerUsSize: mandrelMmPerUsSize });
  const [rimText, setRimText] = useState(() => write.size(expected.rimDownMm));
  const [cutText, setCutText] = useState(() => write.size(expected.cutDownMm));
  const [mark, setMark] = useState<ReadingMark>('leading');
  const rim = parseSize(rimText, primarySystem);
  const cut = parseSize(cutText, primarySystem);
  const save = () => {
    if (!rim.ok || !cut.ok) return;
    log.log({
      kind: 'reading',
      rimDownMm: rim.insideDiameterMm,
      cutDownMm: cut.insideDiameterMm,
      mark,
    });
    onClose();
  };
  const boxes = [
    { name: 'Rim edge down', text: rimText, parsed: rim, change: setRimText, expectedMm: expected.rimDownMm },
    { name: 'Cut edge down', text: cutText, parsed: cut, change: setCutText, expectedMm: expected.cutDownMm },
  ];
  return (
    <Sheet
      title="Log a reading"
      open={open}
      onClose={onClose}
      footer={<Button look="main" label="Log reading" disabled={!rim.ok || !cut.ok} onPress={save} />}
    >
      {boxes.map(({ name, text, parsed, change, expectedMm }) => (
        <View key={name} className="gap-1" role="group" aria-label={name}>
          <Type as="heading">{name}</Type>
          <SizeInput
            label={name}
            text={text}
            targetMm={parsed.ok ? parsed.insideDiameterMm : undefined}
            problem={parsed.ok ? undefined : parsed.message}
            system={primarySystem}
            note={`${parsed.ok ? write.length(parsed.insideDiameterMm, 2) : ''} · plan ${write.size(expectedMm)}`}
            write={write.size}
            onChange={change}
          />
        </View>
      ))}
      <Type as="label">Mark read</Type>
      <Choices label="Mark read" choices={MARKS} value={mark} onChange={setMark} minWidth={140} />
    </Sheet>
  );
}
