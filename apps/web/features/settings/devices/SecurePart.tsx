import Yes from 'lucide-react-native/icons/circle-check';
import No from 'lucide-react-native/icons/circle-dashed';
import { useState } from 'react';
import { View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Command } from '@/ui/Command';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { browserFacts, secureChecks } from './secure-checks';

/** What a secure address adds on this very device, and how to come by one. */
export function SecurePart({ certificateAddress }: { certificateAddress: string | null }) {
  const palette = usePalette();
  const [facts, setFacts] = useState(browserFacts);
  return (
    <View className="gap-1 border-b border-line pb-4">
      <View className="flex-row items-center justify-between">
        <Type as="heading">This device</Type>
        <TextButton label="Look again" onPress={() => setFacts(browserFacts())} />
      </View>
      <View role="list" aria-label="What this device can do">
        {secureChecks(facts).map(({ name, ok, note }) => (
          <View key={name} role="listitem" className="flex-row gap-3 py-1.5">
            <View role="img" aria-label={ok ? 'Yes' : 'No'} className="pt-0.5">
              {ok ? <Yes size={22} color={palette.target} /> : <No size={22} color={palette.soft} />}
            </View>
            <View className="flex-1">
              <Type as="strong">{name}</Type>
              <Type as="small">{note}</Type>
            </View>
          </View>
        ))}
      </View>
      {facts.secure ? null : (
        <View className="gap-1">
          <Type as="label">To get a secure address</Type>
          {certificateAddress === null ? (
            <>
              <Type as="small">
                On the machine, end the workshop with Ctrl and C and start it as below. It makes a certificate
                of its own, which each phone has to trust once.
              </Type>
              <Command text="npm start -- --lan --https" />
            </>
          ) : null}
        </View>
      )}
      {certificateAddress === null ? null : (
        <View className="gap-1" testID="certificate">
          <Type as="label">To trust this workshop on a phone</Type>
          <Type as="small">
            Open the address below on the phone, let it save the certificate, and install it in the phone’s
            settings as a CA certificate (some phones then ask once more, under certificate trust). Only for a
            workshop that is yours: whoever has its data folder can vouch for any address on that phone.
          </Type>
          <Type as="strong" selectable>
            {certificateAddress}
          </Type>
        </View>
      )}
    </View>
  );
}
