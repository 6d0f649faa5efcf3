import { useState } from 'react';
import { View } from 'react-native';
import { BenchPart } from '@/features/shared/tabs/BenchPart';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useRemoveRecipeMutation } from '@/store/bench-api';
import { Button } from '@/ui/Button';
import { TextButton } from '@/ui/TextButton';
import { RecipeCard } from './RecipeCard';
import { EMPTY_DRAFT, type RecipeDraft } from './recipe-draft';
import { RecipeSheet } from './RecipeSheet';
import { useRecipes } from './use-recipes';

/** How rings are finished: the maker's own recipes, and those to begin with. */
export function RecipesScreen() {
  const recipes = useRecipes();
  const [open, setOpen] = useState<RecipeDraft>();
  const [remove] = useRemoveRecipeMutation();
  const archive = useArchive('recipe', remove);
  return (
    <BenchPart
      here="Recipes"
      note="Finishing recipes"
      testID="recipes-screen"
      about="Chosen at the bench once a ring is formed. Where makers differ, the step offers both methods."
      footer={<Button look="main" label="A new recipe" onPress={() => setOpen(EMPTY_DRAFT)} />}
    >
      <View role="list" aria-label="Recipes">
        {recipes.map((recipe) => (
          <RecipeCard key={recipe.id ?? recipe.name} recipe={recipe}>
            <View className="items-end">
              <TextButton
                label={recipe.id ? 'Change' : 'Copy and edit'}
                describe={`${recipe.id ? 'Change' : 'Copy and edit'}: ${recipe.name}`}
                onPress={() => setOpen(recipe)}
              />
              {recipe.id ? (
                <TextButton
                  label="Archive"
                  describe={`Archive ${recipe.name}`}
                  onPress={() => void archive({ id: recipe.id ?? '', name: recipe.name })}
                />
              ) : null}
            </View>
          </RecipeCard>
        ))}
      </View>
      {open ? <RecipeSheet recipe={open} onClose={() => setOpen(undefined)} /> : null}
    </BenchPart>
  );
}
