import { recipeWarnings, STEP_TEMPLATES, stepBySchool } from '@round-mint/core/finishing';
import { useState } from 'react';
import { View } from 'react-native';
import { DraftLine } from '@/features/shared/inputs/DraftLine';
import { newId } from '@/store/new-id';
import { useListRecipesQuery, useSaveRecipeMutation } from '@/store/bench-api';
import { problemText } from '@/store/problem';
import { useFormDraft } from '@/store/use-form-draft';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { SaveButton } from '@/ui/SaveButton';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';
import {
  changedStep,
  minutesOf,
  movedStep,
  schoolOf,
  templateFor,
  withoutStep,
  withStep,
  type RecipeDraft,
} from './recipe-draft';

interface StepEditorProps {
  readonly draft: RecipeDraft;
  readonly index: number;
  readonly onChange: (draft: RecipeDraft) => void;
}

/** A step of the recipe: its place, its times, by which school. */
function StepEditor({ draft, index, onChange }: StepEditorProps) {
  const step = draft.steps[index];
  const [texts, setTexts] = useState({
    hands: String(step?.handsOnMin ?? ''),
    wait: String(step?.waitMin ?? ''),
  });
  if (!step) return null;
  const schools = templateFor(step)?.schools ?? [];
  const put = (key: 'hands' | 'wait', text: string) => {
    setTexts((before) => ({ ...before, [key]: text }));
    const minutes = minutesOf(text);
    if (minutes !== undefined) {
      onChange(changedStep(draft, index, key === 'hands' ? { handsOnMin: minutes } : { waitMin: minutes }));
    }
  };
  const bySchool = (school: string) => {
    const template = templateFor(step);
    if (!template) return;
    const next = stepBySchool(template, school);
    setTexts({ hands: String(next.handsOnMin), wait: String(next.waitMin) });
    onChange(changedStep(draft, index, next));
  };
  const problem = (text: string) => (minutesOf(text) === undefined ? 'minutes, from 0 to 600' : undefined);
  return (
    <View
      role="listitem"
      aria-label={`${index + 1}: ${step.title}`}
      className="gap-1 border-b border-line py-2"
    >
      <View className="flex-row items-center justify-between">
        <Type as="strong" className="flex-1">{`${index + 1}. ${step.title}`}</Type>
        <View className="flex-row gap-4">
          <TextButton
            label="up"
            describe={`${step.title}: up`}
            onPress={() => onChange(movedStep(draft, index, -1))}
          />
          <TextButton
            label="down"
            describe={`${step.title}: down`}
            onPress={() => onChange(movedStep(draft, index, 1))}
          />
          <TextButton
            label="leave out"
            describe={`Leave out ${step.title}`}
            onPress={() => onChange(withoutStep(draft, index))}
          />
        </View>
      </View>
      {schools.length > 0 ? (
        <Choices
          label={`${step.title}: method`}
          choices={schools.map(({ school }) => ({ value: school, label: school }))}
          value={schoolOf(step)}
          onChange={bySchool}
          minWidth={130}
        />
      ) : null}
      <View className="flex-row gap-3">
        <Field
          className="flex-1"
          label="Hands"
          unit="min"
          inputMode="decimal"
          value={texts.hands}
          error={problem(texts.hands)}
          onChangeText={(text) => put('hands', text)}
        />
        <Field
          className="flex-1"
          label="Waiting"
          unit="min"
          inputMode="decimal"
          value={texts.wait}
          error={problem(texts.wait)}
          onChangeText={(text) => put('wait', text)}
        />
      </View>
    </View>
  );
}

interface RecipeSheetProps {
  readonly recipe: RecipeDraft;
  readonly onClose: () => void;
}

/** A recipe in the making: steps from the trade's templates, in the maker's order and times. */
export function RecipeSheet({ recipe, onClose }: RecipeSheetProps) {
  const [save, { isLoading }] = useSaveRecipeMutation();
  const [freshId] = useState(newId);
  const recipes = useListRecipesQuery().data;
  const {
    texts: draft,
    type: change,
    base,
    forget,
    line,
  } = useFormDraft(
    `recipe/${recipe.id ?? `new ${recipe.name}`}`,
    recipe,
    recipes?.find(({ id }) => id === recipe.id),
  );
  const [adding, setAdding] = useState(draft.steps.length === 0);
  const [wasTried, setTried] = useState(false);
  const [problem, setProblem] = useState<string>();
  const { part, ...sum } = useProblemSum();
  const { name, note, steps } = draft;
  const put = async () => {
    setTried(true);
    setProblem(steps.length === 0 ? 'A recipe has at least one step: add one.' : undefined);
    if (name.trim() === '' || steps.length === 0) return;
    try {
      await save({
        isNew: draft.id === undefined,
        base,
        id: draft.id ?? freshId,
        name,
        note,
        steps: steps as Parameters<typeof save>[0]['steps'],
      }).unwrap();
      forget();
      onClose();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <Sheet
      title={recipe.id ? 'Change the recipe' : recipe.name ? 'Your own, from this one' : 'A new recipe'}
      open
      onClose={onClose}
      footer={
        <SaveButton
          sum={sum}
          label="Save recipe"
          saving={isLoading}
          problem={problem}
          onPress={() => void put()}
        />
      }
    >
      <DraftLine {...line} />
      <View ref={part} className="gap-3">
        <Field
          label="Name"
          value={name}
          required
          error={wasTried && name.trim() === '' ? 'must not be empty' : undefined}
          onChangeText={(text) => change({ name: text })}
        />
        <Field label="Note" value={note} onChangeText={(text) => change({ note: text })} />
      </View>
      {recipeWarnings(steps).map(({ code, step, message }) => (
        <Notice key={`${code}-${step}`} level="warn" title={`Step ${step + 1}: ${message}`} />
      ))}
      <View role="list" aria-label="Steps">
        {steps.map((step, i) => (
          <StepEditor key={`${step.title}-${i}-${steps.length}`} draft={draft} index={i} onChange={change} />
        ))}
      </View>
      {adding ? (
        <View className="gap-1" role="group" aria-label="Steps to add">
          {STEP_TEMPLATES.map(({ key, step }) => (
            <TextButton
              key={key}
              label={step.title}
              describe={`Add: ${step.title}`}
              onPress={() => change(withStep(draft, step))}
            />
          ))}
        </View>
      ) : (
        <Button label="Add a step" onPress={() => setAdding(true)} />
      )}
    </Sheet>
  );
}
