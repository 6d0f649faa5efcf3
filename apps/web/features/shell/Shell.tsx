import { Slot, usePathname } from 'expo-router';
import { View } from 'react-native';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useAppSelector } from '@/store/store';
import { WaitBar } from '@/features/shared/ring/WaitBar';
import { LightContext } from '@/theme/light';
import { AwayBar } from './AwayBar';
import { ConflictSheet } from './conflict/ConflictSheet';
import { DemoBar } from './DemoBar';
import { DoneBar } from './DoneBar';
import { KeyboardHelp } from './KeyboardHelp';
import { PairScreen } from './pairing/PairScreen';
import { PlaceBar } from './PlaceBar';
import { ReadingBar } from './ReadingBar';
import { UnsentBar } from './UnsentBar';
import { WarningBar } from './WarningBar';
import { useAhead } from './use-ahead';
import { useLight } from './use-light';
import { useLive } from './use-live';
import { useOffline } from './use-offline';
import { usePageTitle } from './use-page-title';
import { useHasRail } from '@/features/shared/screen/use-width';

/** What stands round every screen: the light, the places. */
export function Shell() {
  const { light: chosen } = useSettings();
  const light = useLight(chosen);
  const rail = useHasRail();
  // Read from two metres, a ring's step has the whole window.
  const whole = usePathname().startsWith('/bench/hands-free');
  const turnedAway = useAppSelector((state) => state.contact.turnedAway);
  useOffline(!turnedAway);
  useLive(!turnedAway);
  useAhead();
  usePageTitle();
  // Nothing of the workshop stays in sight of a device that is not let in.
  if (turnedAway) {
    return (
      <LightContext.Provider value={light}>
        <View role="main" className="h-screen bg-paper">
          <PairScreen />
        </View>
      </LightContext.Provider>
    );
  }
  return (
    <LightContext.Provider value={light}>
      <View className={`h-screen bg-paper print:h-auto print:flex-col ${rail ? 'flex-row' : ''}`}>
        {rail && !whole ? <PlaceBar rail /> : null}
        <View role="main" className="min-h-0 min-w-0 flex-1">
          <View className="print:hidden">
            {whole ? null : <DemoBar />}
            <AwayBar />
            {whole ? null : <WarningBar />}
            <ReadingBar />
          </View>
          <Slot />
          <View className="print:hidden">
            <WaitBar />
            <UnsentBar />
            <ConflictSheet />
            <DoneBar />
            {whole ? null : <KeyboardHelp />}
          </View>
        </View>
        {rail || whole ? null : <PlaceBar rail={false} />}
      </View>
    </LightContext.Provider>
  );
}
