import { takesWords, type Discounted } from '@round-mint/core/trade';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Field } from '@/ui/Field';
import { FactLine } from '@/ui/FactLine';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import type { DiscountAnswer } from './discount-model';
import type { AskedDiscount } from './use-discount';

interface DiscountFieldProps {
  code: string;
  inFull: boolean;
  asked: AskedDiscount;
  /** Worth of the piece as metal. */
  floor: number;
  onChange: (change: { code?: string; inFull?: boolean }) => void;
}

/** So many codes stand there to be tapped. */
const MOST_CODES = 4;

/** What the floor keeps from being taken off, and the way past it. */
function AtFloor({
  less,
  floor,
  inFull,
  onChange,
}: Pick<DiscountFieldProps, 'floor' | 'inFull' | 'onChange'> & { less: Discounted }) {
  const { money } = useWriters();
  const { off, heldBack, price } = less;
  if (heldBack > 0)
    return (
      <Notice
        level="warn"
        title={`It stops at the floor: ${money(off)} of ${money(off + heldBack)} is taken off.`}
        end={<TextButton label="Take off all" onPress={() => onChange({ inFull: true })} />}
        live
      >
        {`The piece was worth ${money(floor)} as metal: less would give metal away.`}
      </Notice>
    );
  return inFull && price < floor ? (
    <Notice
      level="warn"
      title={`Below what the piece was worth as metal: ${money(floor)}.`}
      end={
        <TextButton
          label="Stop there"
          describe="Stop at the floor"
          onPress={() => onChange({ inFull: false })}
        />
      }
      live
    />
  ) : null;
}

/** "LANTERN", "SPRING, 10%": a sum stands beside it anyway. */
function givenName(
  { given, takes }: Extract<DiscountAnswer, { kind: 'given' }>,
  money: (amount: number) => string,
): string {
  const name = given.by === 'sizer' ? 'Sizer’s coupon' : given.code;
  return takes.kind === 'share' ? `${name}, ${takesWords(takes, money)}` : name;
}

/** A code, typed or tapped, and at once what is left to pay or why it does not hold. */
export function DiscountField({ code, inFull, asked, floor, onChange }: DiscountFieldProps) {
  const { money } = useWriters();
  const { answer, codes, toPay } = asked;
  return (
    <View className="gap-1">
      <Field
        label="Discount code"
        value={code}
        error={answer.kind === 'refused' ? answer.why : undefined}
        autoCapitalize="characters"
        autoComplete="off"
        onChangeText={(text) => onChange({ code: text, inFull: false })}
        testID="discount-code"
      />
      {answer.kind === 'given' ? (
        <View role="list" aria-label="With the discount">
          <FactLine name={givenName(answer, money)} value={`−${money(answer.less.off)}`} />
          {toPay === undefined ? null : <FactLine name="To pay" value={money(toPay)} />}
        </View>
      ) : codes.length > 0 ? (
        <View className="flex-row flex-wrap items-center gap-x-4">
          <Type as="small">Holds today:</Type>
          {codes.slice(0, MOST_CODES).map((one) => (
            <TextButton
              key={one}
              label={one}
              describe={`Take the code ${one}`}
              onPress={() => onChange({ code: one, inFull: false })}
            />
          ))}
        </View>
      ) : null}
      {answer.kind === 'given' ? (
        <AtFloor less={answer.less} floor={floor} inFull={inFull} onChange={onChange} />
      ) : null}
    </View>
  );
}
