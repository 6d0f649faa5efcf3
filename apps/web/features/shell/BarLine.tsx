import { View } from 'react-native';
import { Type } from '@/ui/Type';

interface BarLineProps {
  /** A status is read out when it changes. */
  role: 'status' | 'note';
  children: string;
  testID: string;
}

/** One line across the top of every screen. */
export function BarLine({ role, children, testID }: BarLineProps) {
  return (
    <View role={role} className="border-b border-line bg-fold px-4 py-1.5" testID={testID}>
      <Type as="small" className="text-ink">
        {children}
      </Type>
    </View>
  );
}
