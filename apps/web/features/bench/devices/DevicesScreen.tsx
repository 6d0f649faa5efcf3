import type { Device } from '@round-mint/contract/devices';
import { View } from 'react-native';
import { BenchPart } from '@/features/shared/tabs/BenchPart';
import { useListDevicesQuery, useSendReadingMutation, useSetDeviceMutation } from '@/store/bench-api';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { useDevice } from '@/features/shared/inputs/use-device';

/** Steps by which a display is moved, in its own unit. */
const STEPS = [-1, -0.1, -0.01, 0.01, 0.1, 1] as const;

function DeviceCard({ device }: { device: Device }) {
  const live = useDevice(device.id);
  const [set] = useSetDeviceMutation();
  const [send] = useSendReadingMutation();
  const shown = live ?? device.value;
  return (
    <View className="gap-3 border-b border-line py-4" role="group" aria-label={device.name}>
      <Type as="heading">{device.name}</Type>
      <View className="items-end border-2 border-ink bg-fold px-4 py-3">
        <Type as="display" testID={`display-${device.id}`}>{`${shown.toFixed(2)} ${device.unit}`}</Type>
      </View>
      <View className="flex-row gap-2">
        {STEPS.map((step) => (
          <Button
            key={step}
            label={`${step > 0 ? '+' : '−'}${Math.abs(step)}`}
            describe={`${device.name}: ${Math.abs(step)} ${device.unit} ${step > 0 ? 'more' : 'less'}`}
            className="flex-1 px-0"
            onPress={() => void set({ id: device.id, value: Number((shown + step).toFixed(2)) })}
          />
        ))}
      </View>
      <Button look="main" label="Press its data button" onPress={() => void send(device.id)} />
    </View>
  );
}

/** The simulated calliper and scale: set them here, take their readings where a ring is measured. */
export function DevicesScreen() {
  return (
    <BenchPart
      here="Devices"
      note="Calliper and scale, simulated"
      testID="devices-screen"
      about="Stand-ins for devices with a data cable: move their displays here. A sheet that asks for a measure shows them live, and takes a reading by one tap or by the data button."
    >
      <Fetched from={useListDevicesQuery()} what="the devices">
        {(devices) => (
          <>
            {devices.map((device) => (
              <DeviceCard key={device.id} device={device} />
            ))}
          </>
        )}
      </Fetched>
    </BenchPart>
  );
}
