import type { Reasoned } from '@round-mint/core/forming';
import { Explained } from '@/features/shared/handbook/Explained';
import { Notice, type NoticeLevel } from '@/ui/Notice';
import { Type } from '@/ui/Type';

const LEVELS: Readonly<Record<Reasoned['level'], NoticeLevel>> = {
  refuse: 'stop',
  warn: 'warn',
  note: 'note',
};

/** What speaks for and against a plan, gravest first, with what would work instead. */
export function ReasonList({ reasons }: { reasons: readonly Reasoned[] }) {
  if (reasons.length === 0) return <Type>Nothing speaks against it.</Type>;
  return reasons.map(({ code, level, message, instead }) => (
    <Notice key={`${code}-${message}`} level={LEVELS[level]} title={<Explained>{message}</Explained>}>
      {instead ? (
        <Type as="small">
          <Explained>{instead}</Explained>
        </Type>
      ) : undefined}
    </Notice>
  ));
}
