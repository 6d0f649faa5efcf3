import { Link } from 'expo-router';
import { Pressable } from 'react-native';
import { Type } from '@/ui/Type';

interface HandbookLinkProps {
  /** A section's id: "3-fold". */
  section: string;
  /** What it tells of, for those who hear the link without what stands beside it. */
  about: string;
}

/** Leads to the section of the handbook that a text is from. */
export function HandbookLink({ section, about }: HandbookLinkProps) {
  return (
    <Link href={{ pathname: '/help/[section]', params: { section } }} asChild>
      <Pressable
        aria-label={`Handbook: ${about}`}
        className="min-h-[56px] min-w-[56px] justify-center self-start active:opacity-70"
      >
        <Type as="small" className="text-ink underline">
          Handbook
        </Type>
      </Pressable>
    </Link>
  );
}
