import { USUAL_CURL } from '@round-mint/core/forming';
import { parseSize } from '@round-mint/core/size';
import { useState } from 'react';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { SizeInput } from '@/features/shared/inputs/SizeInput';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { STEP_WORDS } from '@/features/shared/words/step-words';
import { WALLS } from '@/features/shared/words/walls';
import { useListKitQuery } from '@/store/api';
import { Button } from '@/ui/Button';
import { Choices, LabelledChoices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { hasLappedEnds, STEPS_TO_ADD, toolsOfStep } from './change-model';

interface ChangeSheetProps {
  readonly bench: BenchRing;
  readonly log: BenchLog;
  readonly onArchive: () => void;
  readonly onClose: () => void;
}

type What = 'size' | 'wall' | 'joint' | 'skip' | 'add' | 'tool' | 'note' | 'archive';

/** Another size is wanted: the rest is planned to it from where the ring stands. */
function SizeForm({ bench, log, onClose }: Omit<ChangeSheetProps, 'onArchive'>) {
  const { primarySystem } = useSettings();
  const write = useWriters();
  const [text, setText] = useState(write.size(bench.targetMm));
  const [why, setWhy] = useState('');
  const parsed = parseSize(text, primarySystem);
  const targetMm = parsed.ok ? parsed.insideDiameterMm : undefined;
  const give = () => {
    if (targetMm === undefined) return;
    log.log({ kind: 'target-changed', insideDiameterMm: targetMm, why: why.trim() || 'as it is wanted now' });
    onClose();
  };
  return (
    <>
      <SizeInput
        label="Size from here on"
        text={text}
        targetMm={targetMm}
        problem={parsed.ok ? undefined : parsed.message}
        system={primarySystem}
        note={targetMm === undefined ? '' : `${write.second(targetMm)} · ⌀ ${write.length(targetMm)}`}
        write={write.size}
        onChange={setText}
      />
      <Field
        label="Why"
        value={why}
        onChangeText={setWhy}
        hint="A new reading of the finger, or it fits as it is. Kept with the ring."
        maxLength={200}
      />
      <Button look="main" label="Plan on to this size" disabled={targetMm === undefined} onPress={give} />
    </>
  );
}

function SkipForm({ bench, log, onClose }: Omit<ChangeSheetProps, 'onArchive'>) {
  const [why, setWhy] = useState('');
  const { state, step } = bench;
  if (!step) return <Type>No step is at hand.</Type>;
  const leaveOut = () => {
    const told = why.trim();
    log.log({ kind: 'step-skipped', step: state.step, ...(told ? { why: told } : {}) });
    onClose();
  };
  return (
    <>
      <Type>{`${step.title}. The ring stays as it is, and the rest is planned from there.`}</Type>
      <Field label="Why" value={why} onChangeText={setWhy} hint="Kept with the ring." maxLength={200} />
      <Button look="main" label="Leave this step out" onPress={leaveOut} />
    </>
  );
}

function ToolForm({ bench, log, onClose }: Omit<ChangeSheetProps, 'onArchive'>) {
  const kit = useListKitQuery().data ?? [];
  const [setting, setSetting] = useState('');
  const { state, step } = bench;
  const tools = step ? toolsOfStep(step.kind, kit) : [];
  if (!step || tools.length === 0) return <Type>Your kit has no other tool for this step.</Type>;
  const use = (toolId: string) => {
    const told = setting.trim();
    log.log({ kind: 'tool-used', step: state.step, toolId, ...(told ? { setting: told } : {}) });
    onClose();
  };
  return (
    <>
      <Field
        label="Which hole, face or mark of it"
        value={setting}
        onChangeText={setSetting}
        hint="Left empty where there is only one."
        maxLength={80}
      />
      <LabelledChoices
        label="Used instead"
        value={state.toolsUsed.get(state.step)?.toolId}
        onChange={use}
        minWidth={140}
        choices={tools.map(({ id, name }) => ({ value: id, label: name }))}
      />
    </>
  );
}

/** Anything else that is worth keeping with the ring. */
function NoteForm({ log, onClose }: Omit<ChangeSheetProps, 'onArchive'>) {
  const [text, setText] = useState('');
  const told = text.trim();
  const keep = () => {
    log.log({ kind: 'note', text: told });
    onClose();
  };
  return (
    <>
      <Field
        label="In your words"
        value={text}
        onChangeText={setText}
        hint="Kept with the ring."
        multiline
        maxLength={500}
      />
      <Button look="main" label="Save note" disabled={told === ''} onPress={keep} />
    </>
  );
}

/** What is other than planned: told here, the rest is planned from it. */
export function ChangeSheet({ bench, log, onArchive, onClose }: ChangeSheetProps) {
  const [what, setWhat] = useState<What>('size');
  const { coinRing, state } = bench;
  const lapped = hasLappedEnds(bench);
  const form = { bench, log, onClose };
  const wall = state.wall?.kind ?? coinRing?.wall;
  return (
    <Sheet title="What is different?" open onClose={onClose}>
      <Choices
        label="What is different"
        value={what}
        onChange={setWhat}
        minWidth={104}
        choices={[
          { value: 'size', label: 'the size' },
          ...(coinRing ? [{ value: 'wall' as const, label: 'the wall' }] : []),
          ...(lapped ? [{ value: 'joint' as const, label: 'the joint' }] : []),
          { value: 'skip', label: 'skip the step' },
          { value: 'add', label: 'add a step' },
          { value: 'tool', label: 'the tool' },
          { value: 'note', label: 'a note' },
          { value: 'archive', label: 'archive it' },
        ]}
      />
      {what === 'size' ? <SizeForm {...form} /> : null}
      {what === 'wall' ? (
        <Choices
          label="Wall from here on"
          choices={WALLS}
          value={wall}
          onChange={(next) => {
            log.log({
              kind: 'wall-changed',
              wall: next,
              ...(next === 'rounded' ? { curl: USUAL_CURL } : {}),
            });
            onClose();
          }}
        />
      ) : null}
      {what === 'joint' ? (
        <>
          <Type>
            The end outside is sawn off where the inner one lies, both are filed to meet and closed.
          </Type>
          <Button
            look="main"
            label="Make the ends meet"
            onPress={() => {
              log.log({ kind: 'style-changed', style: 'straight' });
              onClose();
            }}
          />
        </>
      ) : null}
      {what === 'skip' ? <SkipForm {...form} /> : null}
      {what === 'add' ? (
        <Choices
          label="Do this first"
          value={undefined}
          onChange={(stepKind) => {
            log.log({ kind: 'step-added', after: state.step - 1, stepKind });
            onClose();
          }}
          choices={STEPS_TO_ADD.map((value) => ({ value, label: STEP_WORDS[value] ?? value }))}
        />
      ) : null}
      {what === 'tool' ? <ToolForm {...form} /> : null}
      {what === 'note' ? <NoteForm {...form} /> : null}
      {what === 'archive' ? (
        <>
          <Type>It leaves the bench and can be brought back. Nothing of it is lost.</Type>
          <Button look="stop" label="Archive this ring" onPress={onArchive} />
        </>
      ) : null}
    </Sheet>
  );
}
