import type { StockItem } from '@round-mint/contract/stock';
import type { Reasoned } from '@round-mint/core/forming';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { useTakeToBench, type PlanToTake } from './use-take-to-bench';

const NO_LIMITS: readonly Reasoned[] = [];

interface TakeToBenchProps {
  piece: StockItem | undefined;
  /** Undefined while it cannot be made. */
  plan: PlanToTake | undefined;
  /** What leaves the stock, in a sentence. */
  leaves: string;
  /** Limits of comfort or luck that the plan goes beyond. */
  limits?: readonly Reasoned[] | undefined;
  /** What cannot be taken back. */
  caution: { readonly title: string; readonly text: string };
}

/** The plan's main action: name the ring, read the caution, begin. */
export function TakeToBench({ piece, plan, leaves, caution, limits = NO_LIMITS }: TakeToBenchProps) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [why, setWhy] = useState('');
  const overruled = limits.map(({ code }) => ({ code, why: why.trim() }));
  const { take, problem, busy } = useTakeToBench(
    plan && overruled.length > 0 ? { ...plan, overruled } : plan,
  );
  const unsaid = limits.length > 0 && why.trim() === '';
  const none = piece?.quantity === 0;
  const label = none ? 'None left in stock' : 'Take it to the bench';
  const start = () => {
    if (!unsaid) void take(name.trim() || `${piece?.name ?? 'Ring'}`);
  };
  return (
    <View>
      <Button
        look="main"
        label={label}
        disabled={plan === undefined || none}
        onPress={() => setOpen(true)}
        testID="take-to-bench"
      />
      <Sheet
        title="Take it to the bench"
        open={open}
        onClose={() => setOpen(false)}
        footer={
          <Button
            look="main"
            label={busy ? 'Taking …' : 'Begin this ring'}
            disabled={busy || unsaid}
            onPress={start}
          />
        }
      >
        <Field
          label="What is this ring called?"
          value={name}
          onChangeText={setName}
          placeholder={piece?.name}
          hint="A person, an order, an idea. Left empty, it takes the piece’s name."
          maxLength={80}
          onSubmitEditing={start}
        />
        {limits.map(({ code, message, instead }) => (
          <Notice key={code} level="warn" title={message}>
            {instead}
          </Notice>
        ))}
        {limits.length > 0 ? (
          <Field
            label="Why all the same?"
            value={why}
            onChangeText={setWhy}
            hint="In a few words; kept with the ring."
            maxLength={200}
          />
        ) : null}
        <Type as="small">{leaves}</Type>
        <Notice level="warn" title={caution.title}>
          {caution.text}
        </Notice>
        {problem ? <Notice level="stop" title={problem} live /> : null}
      </Sheet>
    </View>
  );
}

/** What of a piece leaves the stock. */
export function leavesWords(piece: StockItem | undefined): string {
  return `One piece of ${piece?.name ?? 'stock'} leaves the stock; ${Math.max(0, (piece?.quantity ?? 1) - 1)} left.`;
}
