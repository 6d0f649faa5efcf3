import type { Settings } from '@round-mint/contract/settings';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChangeSettingsMutation, useGetSettingsQuery } from '@/store/api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Choices, type Choice } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { BackupsLine } from './backups/BackupsLine';
import { LENGTH_UNITS, SYSTEMS } from './choices';
import { HoursSettings } from './HoursSettings';
import { RateSettings } from './TradeSettings';

interface SettingProps<T extends string> {
  title: string;
  note?: string;
  choices: readonly Choice<T>[];
  value: T;
  onChange: (value: T) => void;
}

function Setting<T extends string>({ title, note, ...choices }: SettingProps<T>) {
  return (
    <View className="gap-1.5 border-b border-line pb-4">
      <Type as="heading">{title}</Type>
      {note ? <Type as="small">{note}</Type> : null}
      <Choices label={title} {...choices} minWidth={56} />
    </View>
  );
}

/** How this maker writes sizes and lengths, and works. */
export function SettingsScreen() {
  return (
    <Fetched from={useGetSettingsQuery()} what="the settings">
      {(settings) => <SettingsForm settings={settings} />}
    </Fetched>
  );
}

function SettingsForm({ settings }: { settings: Settings }) {
  const [save] = useChangeSettingsMutation();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const change = async (patch: Partial<Settings>, done?: string): Promise<boolean> => {
    try {
      await save(patch).unwrap();
      if (done) dispatch(noticeShown({ text: done }));
      return true;
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
      return false;
    }
  };
  return (
    <Screen maxWidth={640} header={<Type as="title">Settings</Type>} testID="settings-screen">
      <Setting
        title="First size system"
        note="A bare number is read in it, and every size is written in it."
        choices={SYSTEMS}
        value={settings.primarySystem}
        onChange={(primarySystem) => void change({ primarySystem })}
      />
      <Setting
        title="Second size system"
        note="Written beside the first, for customers elsewhere."
        choices={SYSTEMS}
        value={settings.secondSystem}
        onChange={(secondSystem) => void change({ secondSystem })}
      />
      <Setting
        title="Lengths"
        choices={LENGTH_UNITS}
        value={settings.lengthUnit}
        onChange={(lengthUnit) => void change({ lengthUnit })}
      />
      <Setting
        title="Light"
        note="Torch is dim and warm, so that your eye keeps its sense for the first dull red."
        choices={[
          { value: 'day', label: 'Day' },
          { value: 'torch', label: 'Torch' },
          { value: 'device', label: 'as the device' },
        ]}
        value={settings.light}
        onChange={(light) => void change({ light })}
      />
      <Setting
        title="Spoken words"
        note="Hands-free, the browser’s own voice says the step, its mark and a wait that is over."
        choices={[
          { value: 'off', label: 'silent' },
          { value: 'on', label: 'spoken' },
        ]}
        value={settings.speech ? 'on' : 'off'}
        onChange={(value) => void change({ speech: value === 'on' })}
      />
      <Setting
        title="Allowance for wide bands"
        note="Wide bands feel tighter. When on, the planner proposes a little more; it never adds it by itself."
        choices={[
          { value: 'on', label: 'propose it' },
          { value: 'off', label: 'leave it to me' },
        ]}
        value={settings.wideBandAllowance ? 'on' : 'off'}
        onChange={(value) => void change({ wideBandAllowance: value === 'on' })}
      />
      <Setting
        title="First anneal"
        note="Two methods: after punching only, or before punching as well."
        choices={[
          { value: 'after-punching', label: 'after punching' },
          { value: 'before-and-after', label: 'before and after' },
        ]}
        value={settings.annealSchool}
        onChange={(annealSchool) => void change({ annealSchool })}
      />
      <View className="gap-1.5 border-b border-line pb-4">
        <Type as="heading">Devices</Type>
        <Type as="small">Open this workshop on your phone, let devices in and out.</Type>
        <Button label="Phones and other devices" onPress={() => router.push('/settings/devices')} />
      </View>
      <BackupsLine />
      <View className="gap-1.5 border-b border-line pb-4">
        <Type as="heading">Handbook</Type>
        <Type as="small">How a ring is made, what is computed and from what, special words, keys.</Type>
        <Button label="Open the handbook" onPress={() => router.push('/help')} />
      </View>
      <View className="gap-1.5 border-b border-line pb-4">
        <Type as="heading">First run</Type>
        <Type as="small">Sizes, common sets of tools, the first piece: asked once more.</Type>
        <Button
          label="Go through it again"
          onPress={() => void change({ setUp: 'sizes' }).then(() => router.push('/first-run'))}
        />
      </View>
      <RateSettings settings={settings} onSave={(patch) => change(patch, 'Rates are saved.')} />
      <HoursSettings settings={settings} onSave={(patch) => change(patch, 'Hours are saved.')} />
    </Screen>
  );
}
