import type { Access } from '@round-mint/contract/access';
import { View } from 'react-native';
import { useChangeAccessMutation, useGetAccessQuery } from '@/store/access-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { NetworkPart } from './NetworkPart';
import { PairedPart } from './PairedPart';
import { SecurePart } from './SecurePart';

/** Which devices come into this workshop, and what each can do. */
export function DevicesScreen() {
  return (
    <Fetched from={useGetAccessQuery()} what="the devices">
      {(access) => <Devices access={access} />}
    </Fetched>
  );
}

function Devices({ access }: { access: Access }) {
  const dispatch = useAppDispatch();
  const [change] = useChangeAccessMutation();
  const set = async (patch: Parameters<typeof change>[0]) => {
    try {
      await change(patch).unwrap();
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <Screen
      maxWidth={640}
      testID="devices-screen"
      header={
        <>
          <Type as="title">Devices</Type>
          <Type as="small">Phones and screens that open this workshop</Type>
        </>
      }
    >
      <NetworkPart access={access} onOpen={(open) => void set({ open })} />
      <PairedPart />
      {access.as === 'machine' ? (
        <View className="gap-1.5 border-b border-line pb-4">
          <Type as="heading">This machine</Type>
          <Type as="small">
            Locked, its own browsers have to be paired as well: for a machine that others use, too.
          </Type>
          <Choices
            label="This machine"
            minWidth={120}
            value={access.locked ? 'locked' : 'free'}
            onChange={(value) => void set({ locked: value === 'locked' })}
            choices={[
              { value: 'free', label: 'Comes in freely' },
              { value: 'locked', label: 'Has to be paired' },
            ]}
          />
        </View>
      ) : null}
      <SecurePart certificateAddress={access.certificateAddress} />
    </Screen>
  );
}
