import type { CoinPlanInput } from '@round-mint/contract/plans';
import { useDeferredValue, type ReactNode } from 'react';
import { View } from 'react-native';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { Choices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import {
  allowanceTaken,
  finishChosen,
  holeChosen,
  schoolChosen,
  sizeTyped,
  wallChosen,
} from '@/features/plan/draft/plan-draft-slice';
import { AllowanceOffer, allowanceWords } from '@/features/plan/answer/AllowanceOffer';
import { FINISHES } from '@/features/shared/words/finishes';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { RoundingChoice } from './RoundingChoice';
import { useHoleOptions, type HoleOption } from './use-hole-options';
import { priceWords, useSchoolPrices } from './use-school-prices';
import { WALLS } from '@/features/shared/words/walls';
import { SizeInput } from '@/features/shared/inputs/SizeInput';

const SCHOOLS: readonly { value: CoinPlanInput['school']; label: string }[] = [
  { value: 'best', label: 'least stretched' },
  { value: 'leave', label: 'straight to size' },
  { value: 'straighten', label: 'cone and lid' },
  { value: 'over-stretch', label: 'past it, reduced' },
];

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <View className="gap-1.5">
      <Type as="label">{label}</Type>
      {children}
    </View>
  );
}

/** The size asked for, in any notation, with the allowance that a wide band may want. */
export function SizeChoice({ model }: { model: PlanModel }) {
  const draft = useAppSelector((state) => state.planDraft);
  const dispatch = useAppDispatch();
  const { primarySystem } = useSettings();
  const write = useWriters();
  const { targetMm, sizeProblem, allowance } = model;
  const note =
    targetMm === undefined
      ? ''
      : `${write.size(targetMm)} · ${write.second(targetMm)} · ⌀ ${write.length(targetMm)}${allowanceWords(draft.allowanceUs, write)}`;
  return (
    <Row label="Target size">
      <SizeInput
        label="Target size"
        text={draft.sizeText}
        targetMm={targetMm}
        problem={sizeProblem}
        system={primarySystem}
        note={note}
        write={write.size}
        onChange={(text) => dispatch(sizeTyped(text))}
      />
      <AllowanceOffer allowance={allowance} onTake={(usSizes) => dispatch(allowanceTaken(usSizes))} />
    </Row>
  );
}

function holeNote({ bandWidthMm, known, spoils }: HoleOption, length: (mm: number) => string): string {
  if (!known) return '…';
  if (bandWidthMm === undefined) return 'not this size';
  return spoils === undefined ? `${length(bandWidthMm)} wide` : `✕ ${spoils}`;
}

/** Hole, wall, finish: each choice answered at once. */
export function MakingChoices({ model }: { model: PlanModel }) {
  const draft = useAppSelector((state) => state.planDraft);
  const dispatch = useAppDispatch();
  const write = useWriters();
  const { holeMm } = model;
  // Widths of all holes may lag a frame behind the plan; the choice itself never does.
  const lagging = useDeferredValue(model);
  const holes = useHoleOptions(lagging);
  const prices = useSchoolPrices(lagging);
  return (
    <View className="gap-4">
      <Row label="Hole">
        <Choices
          label="Hole"
          testID="holes"
          value={holeMm}
          onChange={(value) => dispatch(holeChosen(value))}
          minWidth={92}
          choices={holes.map((hole) => ({
            value: hole.holeMm,
            label: write.length(hole.holeMm),
            note: holeNote(hole, write.length),
          }))}
        />
      </Row>
      <Row label="Wall">
        <Choices
          label="Wall"
          choices={WALLS}
          value={draft.wall}
          onChange={(value) => dispatch(wallChosen(value))}
        />
        {draft.wall === 'rounded' ? <RoundingChoice model={lagging} /> : null}
      </Row>
      {draft.wall === 'tapered' ? null : (
        <Row label="To size by">
          <Choices
            label="To size by"
            testID="schools"
            choices={SCHOOLS.map(({ value, label }) => ({
              value,
              label,
              note: priceWords(prices.get(value)),
            }))}
            value={draft.school}
            onChange={(value) => dispatch(schoolChosen(value))}
            minWidth={120}
          />
        </Row>
      )}
      <Row label="Finish">
        <Choices
          label="Finish"
          choices={FINISHES}
          value={draft.finish}
          onChange={(value) => dispatch(finishChosen(value))}
          minWidth={72}
        />
      </Row>
    </View>
  );
}
