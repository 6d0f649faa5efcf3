import type { CoinRing } from '@round-mint/contract/rings';
import { useState } from 'react';
import { useWriters } from '@/features/shared/settings/use-settings';
import { TakeFrom } from '@/features/shared/inputs/TakeFrom';
import { Button } from '@/ui/Button';
import { NumberPad } from '@/ui/NumberPad';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';

interface HoleSheetProps {
  readonly ring: CoinRing;
  readonly log: BenchLog;
  readonly onClose: () => void;
}

/** The hole as it came out: the rest is planned from it. */
export function HoleSheet({ ring, log, onClose }: HoleSheetProps) {
  const write = useWriters();
  const [text, setText] = useState('');
  const holeMm = Number(text);
  const possible = holeMm >= 2 && holeMm < ring.coin.diameterMm - 2;
  const save = () => {
    log.log({ kind: 'hole-measured', diameterMm: holeMm });
    onClose();
  };
  return (
    <Sheet
      title="Measure the hole"
      open
      onClose={onClose}
      footer={<Button look="main" label="Log the hole" disabled={!possible} onPress={save} />}
    >
      <Type as="figure">{text === '' ? '… mm' : `${text} mm`}</Type>
      <Type as="small">
        {text === '' || possible
          ? `planned ${write.length(ring.holeMm, 2)}; across the widest place, after deburring`
          : `✕ from 2 mm to less than the coin (${write.length(ring.coin.diameterMm)})`}
      </Type>
      <NumberPad text={text} onChange={setText} />
      <TakeFrom device="calliper" onTake={(mm) => setText(String(mm))} />
    </Sheet>
  );
}
