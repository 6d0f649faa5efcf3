import { MM_PER_US_SIZE, type WideBandAllowance } from '@round-mint/core/size';
import { useWriters, type Writers } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';

interface AllowanceOfferProps {
  /** Undefined when there is nothing to propose. */
  allowance: WideBandAllowance | undefined;
  onTake: (usSizes: number) => void;
}

/** Wide bands feel tighter: a proposal with its reason, never added by itself. */
export function AllowanceOffer({ allowance, onTake }: AllowanceOfferProps) {
  const write = useWriters();
  if (!allowance) return null;
  return (
    <Notice
      level="note"
      title={`Add ${write.amount(allowance.usSizes * MM_PER_US_SIZE)}?`}
      end={<Button label="Add it" onPress={() => onTake(allowance.usSizes)} />}
    >
      {allowance.reason}
    </Notice>
  );
}

/** " with ½ size for width", after a size that was made larger. */
export function allowanceWords(allowanceUs: number, { amount }: Pick<Writers, 'amount'>): string {
  return allowanceUs > 0 ? ` with ${amount(allowanceUs * MM_PER_US_SIZE)} for width` : '';
}
