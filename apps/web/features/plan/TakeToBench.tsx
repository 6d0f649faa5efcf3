import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import type { PlanModel } from './plan-model';
import { useTakeToBench } from './use-take-to-bench';

/** The plan's main action: name the ring, read the caution, begin. */
export function TakeToBench({ model }: { model: PlanModel }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const { take, problem, busy } = useTakeToBench(model);
  const { piece, plan } = model;
  const none = piece?.quantity === 0;
  const ready = plan?.feasible === true && !none;
  const label = none ? 'None left in stock' : 'Take it to the bench';
  const start = () => void take(name.trim() || `${piece?.name ?? 'Ring'}`);
  return (
    <View>
      <Button
        look="main"
        label={label}
        disabled={!ready}
        onPress={() => setOpen(true)}
        testID="take-to-bench"
      />
      <Sheet
        title="Take it to the bench"
        open={open}
        onClose={() => setOpen(false)}
        footer={
          <Button look="main" label={busy ? 'Taking …' : 'Begin this ring'} disabled={busy} onPress={start} />
        }
      >
        <Field
          label="What is this ring called?"
          value={name}
          onChangeText={setName}
          placeholder={piece?.name}
          hint="A person, an order, an idea. Left empty, it takes the coin’s name."
          maxLength={80}
          onSubmitEditing={start}
        />
        <Type as="small">{`One piece of ${piece?.name ?? 'stock'} leaves the drawer; ${Math.max(0, (piece?.quantity ?? 1) - 1)} stay.`}</Type>
        <Notice level="warn" title="A punched coin cannot be un-punched.">
          Altering coins is restricted or forbidden in some countries, current coin above all: check local
          law. Never pass an altered coin.
        </Notice>
        {problem ? <Notice level="stop" title={problem} live /> : null}
      </Sheet>
    </View>
  );
}
