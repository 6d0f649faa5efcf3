import type { Device, DeviceReading } from '@round-mint/contract/devices';
import { EventEmitter } from 'node:events';

/**
 * A simulated measuring device: its display follows what it is set to, rounded to its step, and everyone who listens
 * hears every change, as over a data cable.
 */
export class Instrument {
  private readonly emitter = new EventEmitter().setMaxListeners(100);
  private value: number;

  constructor(
    private readonly plate: Omit<Device, 'value'>,
    start: number,
  ) {
    this.value = start;
  }

  get state(): Device {
    return { ...this.plate, value: this.value };
  }

  /** Sets the jaws, or lays something on the pan; beyond its range it stops at the end. */
  set(value: number): Device {
    const { min, max, step } = this.plate;
    const within = Math.min(max, Math.max(min, value));
    this.value = Number((Math.round(within / step) * step).toFixed(4));
    this.tell(false);
    return this.state;
  }

  /** The data button: the reading is sent as it stands. */
  send(): DeviceReading {
    return this.tell(true);
  }

  /** @returns what ends the listening */
  listen(hear: (reading: DeviceReading) => void): () => void {
    this.emitter.on('reading', hear);
    return () => void this.emitter.off('reading', hear);
  }

  private tell(sent: boolean): DeviceReading {
    const reading = { value: this.value, unit: this.plate.unit, sent };
    this.emitter.emit('reading', reading);
    return reading;
  }
}

/** The devices of the bench, as they ship. */
export function benchDevices(): ReadonlyMap<string, Instrument> {
  const calliper = { id: 'calliper', name: 'Calliper', unit: 'mm', min: 0, max: 150, step: 0.01 } as const;
  const scale = { id: 'scale', name: 'Scale', unit: 'g', min: 0, max: 200, step: 0.01 } as const;
  return new Map([
    [calliper.id, new Instrument(calliper, 18.9)],
    [scale.id, new Instrument(scale, 10.2)],
  ]);
}
