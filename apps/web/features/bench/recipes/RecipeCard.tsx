import { recipeWarnings } from '@round-mint/core/finishing';
import type { MetalId } from '@round-mint/core/metal';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { recipeLine, type RecipeDraft } from './recipe-draft';

interface RecipeCardProps {
  readonly recipe: RecipeDraft;
  /** Of the ring it is to be used on. */
  readonly metal?: MetalId | undefined;
  readonly children: ReactNode;
}

/** A recipe at a glance: its steps as signs, its time, what the trade says against it. */
export function RecipeCard({ recipe, metal, children }: RecipeCardProps) {
  const warnings = recipeWarnings(recipe.steps, metal);
  return (
    <View role="listitem" aria-label={recipe.name} className="gap-1 border-b border-line py-3">
      <View className="flex-row items-start gap-3">
        <View className="flex-1">
          <Type as="heading">{recipe.name}</Type>
          {recipe.note ? <Type as="small">{recipe.note}</Type> : null}
          <Type as="small">{recipeLine(recipe)}</Type>
        </View>
        {children}
      </View>
      <View className="flex-row flex-wrap items-center gap-x-2">
        {recipe.steps.map((step, i) => (
          <View key={`${i}-${step.title}`} className="items-center">
            <StepIcon kind={step.kind} size={30} />
            {step.grit ? <Type as="small">{step.grit}</Type> : null}
          </View>
        ))}
      </View>
      {warnings.map(({ code, step, message }) => (
        <Notice key={`${code}-${step}`} level="warn" title={message} />
      ))}
    </View>
  );
}
