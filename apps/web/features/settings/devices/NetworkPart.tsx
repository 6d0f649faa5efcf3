import type { Access } from '@round-mint/contract/access';
import { useState } from 'react';
import { View } from 'react-native';
import { clockWords, wallMinutes } from '@/features/shared/words/wall-clock';
import { useNewPairingCodeMutation } from '@/store/access-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { QrCode } from './QrCode';

interface PairingCode {
  readonly code: string;
  readonly expiresAt: string;
}

/** The code large enough to be read across the bench, and the same for a camera. */
function CodeShown({
  shown: { code, expiresAt },
  address,
}: {
  shown: PairingCode;
  address?: string | undefined;
}) {
  return (
    <View className="items-center gap-2 py-2" testID="pairing-code">
      {address ? <QrCode text={`${address}/pair#${code}`} /> : null}
      <Type as="figure" aria-label={`Pairing code ${[...code].join(' ')}`}>
        {`${code.slice(0, 3)} ${code.slice(3)}`}
      </Type>
      <Type as="small">{`Good for one device, until ${clockWords(wallMinutes(new Date(expiresAt)))}.`}</Type>
    </View>
  );
}

interface NetworkPartProps {
  readonly access: Access;
  readonly onOpen: (open: boolean) => void;
}

/** Whether other devices reach the workshop, where, and the code that lets one in. */
export function NetworkPart({ access, onOpen }: NetworkPartProps) {
  const { as, open, addresses, certificateAddress } = access;
  const dispatch = useAppDispatch();
  const [newCode, { isLoading }] = useNewPairingCodeMutation();
  const [shown, setShown] = useState<PairingCode>();
  const show = async () => {
    try {
      setShown(await newCode().unwrap());
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  const isMachine = as === 'machine';
  return (
    <View className="gap-2 border-b border-line pb-4">
      <Type as="heading">Who reaches this workshop</Type>
      {isMachine ? (
        <Choices
          label="Who reaches this workshop"
          minWidth={140}
          value={open ? 'network' : 'machine'}
          onChange={(value) => onOpen(value === 'network')}
          choices={[
            { value: 'machine', label: 'This machine', note: 'nobody else' },
            { value: 'network', label: 'Paired devices', note: 'in this network' },
          ]}
        />
      ) : (
        <Type>Paired devices in this network. Only the machine that it runs on changes this.</Type>
      )}
      {open && addresses.length > 0 ? (
        <View className="gap-0.5" testID="addresses">
          <Type as="label">On the other device, open</Type>
          {addresses.map((address) => (
            <Type key={address} as="strong" selectable>
              {address}
            </Type>
          ))}
        </View>
      ) : null}
      {open && addresses.length === 0 ? (
        <Notice level="warn" title="This machine is in no network.">
          Connect it, then open this page again.
        </Notice>
      ) : null}
      {open && certificateAddress === null ? (
        <Notice level="warn" title="What is sent can be read on the way.">
          Use it only in a network you trust, or with a secure address: see “This device” below.
        </Notice>
      ) : null}
      {isMachine && (open || access.locked) ? (
        <>
          {shown ? <CodeShown shown={shown} address={addresses[0]} /> : null}
          <Button
            label={shown ? 'Show a new code' : 'Show a code'}
            disabled={isLoading}
            onPress={() => void show()}
          />
        </>
      ) : null}
    </View>
  );
}
