import { Link } from 'expo-router';
import { Pressable } from 'react-native';
import { useGetLearntQuery } from '@/store/api';
import { Type } from '@/ui/Type';

/** Says that a plan goes by what the log taught, and leads there. */
export function LearntLine() {
  const learnt = useGetLearntQuery().data;
  if (
    learnt?.used !== true ||
    !learnt.values.some(({ rings, keptStandard }) => rings >= 3 && !keptStandard)
  ) {
    return null;
  }
  return (
    <Link href="/log/learnt" asChild>
      <Pressable role="link" className="min-h-[44px] justify-center active:opacity-70" testID="learnt-line">
        <Type as="small" className="underline">{`Uses what ${learnt.rings} finished rings taught`}</Type>
      </Pressable>
    </Link>
  );
}
