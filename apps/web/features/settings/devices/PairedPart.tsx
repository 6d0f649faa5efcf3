import type { PairedDevice } from '@round-mint/contract/access';
import { View } from 'react-native';
import { useArchive } from '@/features/shared/screen/use-archive';
import { momentWords, wallMinutes } from '@/features/shared/words/wall-clock';
import { useListPairedDevicesQuery, useRevokeDeviceMutation } from '@/store/access-api';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

const when = (iso: string) => momentWords(wallMinutes(new Date(iso)));

function DeviceRow({ device, onRevoke }: { device: PairedDevice; onRevoke: () => void }) {
  const { name, pairedAt, lastSeenAt, here } = device;
  return (
    <View role="listitem" className="min-h-[56px] flex-row items-center gap-3 border-b border-line py-1">
      <View className="flex-1">
        <Type as="strong">{here ? `${name} (this one)` : name}</Type>
        <Type as="small">{`Last here ${when(lastSeenAt)}`}</Type>
        <Type as="small">{`Paired ${when(pairedAt)}`}</Type>
      </View>
      <TextButton label="revoke" describe={`Revoke ${name}`} onPress={onRevoke} />
    </View>
  );
}

/** Devices that were let in; a revoked one is out at once. */
export function PairedPart() {
  const devices = useListPairedDevicesQuery().data ?? [];
  const [remove] = useRevokeDeviceMutation();
  const revoke = useArchive('device', remove, 'may no longer come in');
  return (
    <View className="gap-1 border-b border-line pb-4">
      <Type as="heading">Paired devices</Type>
      {devices.length === 0 ? (
        <Type as="small">None yet. A device shows a box for the code when it opens the address above.</Type>
      ) : (
        <View role="list" aria-label="Paired devices">
          {devices.map((device) => (
            <DeviceRow key={device.id} device={device} onRevoke={() => void revoke(device)} />
          ))}
        </View>
      )}
    </View>
  );
}
