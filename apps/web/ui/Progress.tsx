import { View } from 'react-native';
import { TextButton } from './TextButton';
import { Type } from './Type';

interface ProgressProps {
  /** What is being done: "Drawing rings". */
  what: string;
  /** 0 to 1. */
  share: number;
  onStop: () => void;
}

/** How far long work has come, with a way to stop it. */
export function Progress({ what, share, onStop }: ProgressProps) {
  const percent = Math.round(share * 100);
  return (
    <View className="flex-row items-center gap-3">
      <View
        role="progressbar"
        aria-label={what}
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="flex-1"
      >
        <Type as="small">{`${what} … ${percent}%`}</Type>
        <View className="h-1 w-full bg-line">
          <View className="h-1 bg-ink" style={{ width: `${percent}%` }} />
        </View>
      </View>
      <TextButton label="stop" describe={`Stop: ${what}`} onPress={onStop} />
    </View>
  );
}
