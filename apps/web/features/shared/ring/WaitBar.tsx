import { type SharedWait, waitClock } from '@round-mint/core/steps';
import { useRouter } from 'expo-router';
import Alarm from 'lucide-react-native/icons/alarm-clock';
import Clock from 'lucide-react-native/icons/timer';
import { Pressable, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { useBell } from './use-bell';
import { useNow } from './use-now';
import { useRunningWaits, useWaitLog } from './use-waits';
import { useSettings } from '@/features/shared/settings/use-settings';
import { waitWords } from '@/features/shared/words/wait-words';

function WaitRow({ wait, now }: { wait: SharedWait; now: number }) {
  const palette = usePalette();
  const router = useRouter();
  const { end } = useWaitLog();
  const clock = waitClock(wait, now);
  const calls = clock.phase === 'due' || clock.phase === 'late';
  const Icon = calls ? Alarm : Clock;
  const names = wait.rings.map(({ name }) => name).join(', ');
  const first = wait.rings[0];
  return (
    <View
      role="listitem"
      className={`flex-row items-center gap-3 border-t border-line px-4 py-1 ${calls ? 'bg-fold' : 'bg-paper'}`}
    >
      <Icon size={24} color={clock.phase === 'late' ? palette.stop : calls ? palette.heat : palette.soft} />
      <Pressable
        role="link"
        aria-label={`${wait.what}: ${names}`}
        onPress={() => first && router.navigate({ pathname: '/bench/[id]', params: { id: first.id } })}
        className="min-h-[44px] flex-1 justify-center active:opacity-70"
      >
        <Type as={clock.phase === 'since' ? 'figure' : 'strong'}>
          {clock.phase === 'since'
            ? waitWords(clock, wait.longSec)
            : `${wait.what}: ${waitWords(clock, wait.longSec)}`}
        </Type>
        <Type as="small" numberOfLines={1}>
          {clock.phase === 'since' ? `${wait.what} · ${names}` : names}
        </Type>
      </Pressable>
      <Button
        label={wait.rings.length > 1 ? 'All out' : 'Out'}
        describe={`${wait.what} of ${names}: out`}
        onPress={() =>
          end(
            wait.waitId,
            wait.rings.map(({ id }) => id),
          )
        }
      />
    </View>
  );
}

/** Whatever is being waited for, wherever in the app the maker is. */
export function WaitBar() {
  const waits = useRunningWaits();
  const now = useNow(waits.length > 0);
  const { speech } = useSettings();
  useBell(waits, now, speech);
  if (waits.length === 0) return null;
  return (
    <View role="list" aria-label="Waits" testID="waits" className="max-h-[40%] border-t border-ink">
      {waits.map((wait) => (
        <WaitRow key={wait.waitId} wait={wait} now={now} />
      ))}
    </View>
  );
}
