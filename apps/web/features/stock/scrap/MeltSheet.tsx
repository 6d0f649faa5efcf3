import type { StoredScrap } from '@round-mint/contract/scrap';
import { parseDecimal, percentWords } from '@round-mint/core/format';
import { metalById } from '@round-mint/core/metal';
import { meltOut, spotMetalOf, type MeltOut } from '@round-mint/core/trade';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { newId } from '@/store/new-id';
import { problemText } from '@/store/problem';
import { useMeltOutMutation } from '@/store/trade-api';
import { useFormDraft } from '@/store/use-form-draft';
import { AddSheet } from '@/features/shared/screen/AddSheet';
import { LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';

const BASE = 'base metal';

function preciousOf({ metal }: StoredScrap): string {
  return spotMetalOf(metal) ?? BASE;
}

function melted(things: readonly StoredScrap[], buttonG: number | undefined): MeltOut | { problem: string } {
  try {
    return meltOut(things, buttonG);
  } catch (error) {
    return { problem: error instanceof RangeError ? error.message : String(error) };
  }
}

/** Everything of one metal into the crucible, a button out of it; the loss is told. */
export function MeltSheet({ tin, onClose }: { tin: readonly StoredScrap[]; onClose: () => void }) {
  const metals = [...new Set(tin.map(preciousOf))];
  const { texts, type, forget, line } = useFormDraft('melt', {
    metal: metals.includes('silver') ? 'silver' : (metals[0] ?? BASE),
    button: '',
  });
  const { metal, button } = texts;
  const [problem, setProblem] = useState<string>();
  const [melt, { isLoading }] = useMeltOutMutation();
  const id = useRef(newId());
  // A button is not melted again with its own kind: it is pure already.
  const things = tin.filter((thing) => preciousOf(thing) === metal && thing.kind !== 'button');
  const massG = parseDecimal(button);
  const weighed = massG > 0 ? massG : undefined;
  const answer = melted(things, weighed);
  const wrong = 'problem' in answer ? answer.problem : undefined;
  const submit = async () => {
    if (weighed === undefined || wrong) {
      setProblem(wrong ?? 'Weigh the button first.');
      return;
    }
    try {
      await melt({
        id: id.current,
        at: new Date().toISOString(),
        scrapIds: things.map((thing) => thing.id),
        buttonMassG: weighed,
        note: `${things.length} pieces of ${metal}`,
      }).unwrap();
      forget();
      onClose();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <AddSheet
      title="Melt out"
      action="It is melted"
      open
      saving={isLoading}
      problem={problem}
      draft={line}
      onAdd={() => void submit()}
      onClose={onClose}
    >
      <Notice level="warn" title="Melting: ventilate, dry crucible, dark glasses, nothing wet near it.">
        Zinc and cadmium give poisonous fume. Where melting or selling bullion wants a licence, defer to it.
      </Notice>
      <LabelledChoices
        label="What goes in"
        choices={metals.map((value) => ({ value, label: value }))}
        value={metal}
        onChange={(next) => type({ metal: next })}
      />
      {'problem' in answer ? (
        <Notice level="stop" title={answer.problem} />
      ) : (
        <View className="gap-0.5">
          <Type as="strong">{`${things.length} pieces, ${answer.massG.toFixed(2)} g, fineness .${Math.round(answer.fineness * 1000)}`}</Type>
          <Type as="small">
            {[...new Set(things.map((thing) => metalById(thing.metal).name))].join(', ')}
          </Type>
        </View>
      )}
      <Field
        label="Weight of the button"
        unit="g"
        inputMode="decimal"
        value={button}
        onChangeText={(text) => type({ button: text })}
        hint={
          'lossShare' in answer && weighed !== undefined
            ? `Lost in the fire: ${percentWords(answer.lossShare, 1)}`
            : 'Weigh it when it is cold.'
        }
      />
    </AddSheet>
  );
}
