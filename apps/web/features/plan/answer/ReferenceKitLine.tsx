import { Link } from 'expo-router';
import { Pressable } from 'react-native';
import { useListKitQuery } from '@/store/api';
import { Type } from '@/ui/Type';

/** Says that a plan is made with a plain reference kit, while the maker has entered no tool. */
export function ReferenceKitLine() {
  const tools = useListKitQuery().data;
  if (!tools || tools.length > 0) return null;
  return (
    <Link href="/stock/kit" asChild>
      <Pressable role="link" className="min-h-[44px] justify-center active:opacity-70" testID="reference-kit">
        <Type as="small" className="text-ink underline">
          Planned with a reference kit, not your tools: enter yours
        </Type>
      </Pressable>
    </Link>
  );
}
