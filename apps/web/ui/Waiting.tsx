import { ActivityIndicator, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Button } from './Button';
import { Notice } from './Notice';
import { Type } from './Type';

/** While something is on its way. */
export function Loading({ what }: { what: string }) {
  const palette = usePalette();
  return (
    <View role="status" aria-label={`Loading ${what}`} className="flex-row items-center gap-3 py-6">
      <ActivityIndicator color={palette.soft} />
      <Type as="small">{`Fetching ${what} …`}</Type>
    </View>
  );
}

/** When it did not come; nothing typed elsewhere is lost. */
export function Failed({ what, onRetry }: { what: string; onRetry: () => void }) {
  return (
    <View className="gap-2 py-4">
      <Notice level="stop" title={`Could not fetch ${what}.`} live>
        The server does not answer. What you typed is still here.
      </Notice>
      <Button label="Try again" onPress={onRetry} />
    </View>
  );
}

/** When there is nothing yet: says so, and what to do. */
export function Empty({ title, children }: { title: string; children: string }) {
  return (
    <View className="gap-1 py-8">
      <Type as="heading">{title}</Type>
      <Type as="small">{children}</Type>
    </View>
  );
}
