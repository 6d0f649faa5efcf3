import { CODE_DIGITS, pairSchema } from '@round-mint/contract/access';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useGetAccessQuery, usePairMutation } from '@/store/access-api';
import { api } from '@/store/api';
import { letIn } from '@/store/contact-slice';
import { problemsOf, problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { CODE_IN_ADDRESS } from './code-in-address';
import { deviceName } from './device-name';

/** How often it is looked whether the device is in by now, ms. */
const LOOK_AGAIN_MS = 10_000;

/** What a device shows that is not paired yet: where the code is, and a box to type it in. */
export function PairScreen() {
  // Somebody may let it in again from the machine meanwhile.
  const access = useGetAccessQuery(undefined, { pollingInterval: LOOK_AGAIN_MS });
  const dispatch = useAppDispatch();
  const router = useRouter();
  const enter = () => {
    // What was refused before is asked for again.
    dispatch(api.util.resetApiState());
    dispatch(letIn());
    router.replace('/bench');
  };
  const inside = access.data !== undefined && access.data.as !== 'stranger';
  return inside ? (
    <Screen maxWidth={480} testID="paired" header={<Type as="title">This device is in</Type>}>
      <Type>It is paired with the workshop, or it is the machine that the workshop runs on.</Type>
      <Button look="main" label="Go to the bench" onPress={enter} />
    </Screen>
  ) : (
    <PairForm onPaired={enter} />
  );
}

function PairForm({ onPaired }: { onPaired: () => void }) {
  const [code, setCode] = useState(CODE_IN_ADDRESS);
  const [name, setName] = useState(() => deviceName(globalThis.navigator?.userAgent ?? ''));
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});
  const [pair, { isLoading }] = usePairMutation();
  const send = async () => {
    const parsed = pairSchema.safeParse({ code, name });
    if (!parsed.success) {
      setProblems(problemsOf(parsed.error));
      return;
    }
    setProblems({});
    try {
      await pair(parsed.data).unwrap();
      onPaired();
    } catch (error) {
      setProblems({ server: problemText(error) });
    }
  };
  return (
    <Screen
      maxWidth={480}
      testID="pair-screen"
      header={
        <View className="gap-1 pt-4">
          <Type as="title">Pair this device</Type>
          <Type>This workshop opens only to devices that its maker has let in.</Type>
        </View>
      }
      footer={
        <View className="gap-2">
          {problems['server'] ? <Notice level="stop" title={problems['server']} live /> : null}
          <Button
            look="main"
            label={isLoading ? 'Pairing …' : 'Pair'}
            disabled={isLoading}
            onPress={() => void send()}
          />
        </View>
      }
    >
      <Field
        label="Code"
        value={code}
        onChangeText={setCode}
        error={problems['code']}
        hint="On the machine: Settings, Devices, Show a code. It is good for five minutes."
        inputMode="numeric"
        autoComplete="one-time-code"
        maxLength={CODE_DIGITS + 1}
        style={{ fontSize: 30, minHeight: 64, letterSpacing: 4 }}
        onSubmitEditing={() => void send()}
      />
      <Field
        label="Name of this device"
        value={name}
        onChangeText={setName}
        error={problems['name']}
        hint="It stands in the workshop’s list of devices."
        maxLength={40}
      />
    </Screen>
  );
}
