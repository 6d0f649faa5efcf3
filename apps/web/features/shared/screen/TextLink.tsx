import { Link, type Href } from 'expo-router';
import { Type } from '@/ui/Type';

/** A way on, in a line of its own. */
export function TextLink({ href, label }: { href: Href; label: string }) {
  return (
    <Link href={href} asChild>
      <Type as="small" className="py-3 underline">
        {label}
      </Type>
    </Link>
  );
}
