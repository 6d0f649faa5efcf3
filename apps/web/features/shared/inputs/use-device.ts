import type { DeviceId } from '@round-mint/contract/devices';
import { useEffect, useRef, useState } from 'react';
import { deviceReadingSchema } from '@round-mint/contract/devices';
import { devices } from '@round-mint/contract/endpoints-bench';
import { addressOf } from '@/store/call';

/**
 * Listens to a measuring device.
 * @param onSent what is done with a reading that its data button sends
 * @returns what its display shows; undefined while none is connected
 */
export function useDevice(id: DeviceId, onSent?: (value: number) => void): number | undefined {
  const [value, setValue] = useState<number>();
  const send = useRef(onSent);
  useEffect(() => {
    send.current = onSent;
  }, [onSent]);
  useEffect(() => {
    if (typeof EventSource === 'undefined') return undefined;
    const stream = new EventSource(addressOf(devices.stream, { device: id }));
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const reading = deviceReadingSchema.parse(JSON.parse(data));
      setValue(reading.value);
      if (reading.sent) send.current?.(reading.value);
    };
    stream.onerror = () => setValue(undefined);
    return () => stream.close();
  }, [id]);
  return value;
}
