import type { DeviceId } from '@round-mint/contract/devices';
import { Button } from '@/ui/Button';
import { useDevice } from './use-device';
import { useWedge } from './use-wedge';

interface TakeFromProps {
  readonly device: DeviceId;
  readonly onTake: (value: number) => void;
}

const UNITS = { calliper: 'mm from the calliper', scale: 'g from the scale' } as const;

/** A device's reading by one tap, by its data button, or typed by its cable; nothing while none is connected. */
export function TakeFrom({ device, onTake }: TakeFromProps) {
  const shown = useDevice(device, onTake);
  useWedge(onTake);
  if (shown === undefined) return null;
  return <Button label={`Take ${shown.toFixed(2)} ${UNITS[device]}`} onPress={() => onTake(shown)} />;
}
