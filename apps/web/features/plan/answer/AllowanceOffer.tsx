import { quarterFraction } from '@round-mint/core/format';
import type { WideBandAllowance } from '@round-mint/core/size';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';

interface AllowanceOfferProps {
  /** Undefined when there is nothing to propose. */
  allowance: WideBandAllowance | undefined;
  onTake: (usSizes: number) => void;
}

/** Wide bands feel tighter: a proposal with its reason, never added by itself. */
export function AllowanceOffer({ allowance, onTake }: AllowanceOfferProps) {
  if (!allowance) return null;
  return (
    <Notice
      level="note"
      title={`Add ${quarterFraction(allowance.usSizes)} US size?`}
      end={<Button label="Add it" onPress={() => onTake(allowance.usSizes)} />}
    >
      {allowance.reason}
    </Notice>
  );
}

/** " with ½ US for width", after a size that was made larger. */
export function allowanceWords(allowanceUs: number): string {
  return allowanceUs > 0 ? ` with ${quarterFraction(allowanceUs)} US for width` : '';
}
