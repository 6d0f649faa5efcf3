import { withRecipe } from '@round-mint/core/finishing';
import { ringMetal, type BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { recipeLine, type RecipeDraft } from '@/features/bench/recipes/recipe-draft';
import { RecipeCard } from '@/features/bench/recipes/RecipeCard';
import { useRecipes } from '@/features/bench/recipes/use-recipes';

interface ChooseFinishSheetProps {
  readonly bench: BenchRing;
  readonly log: BenchLog;
  readonly onClose: () => void;
}

/** Another finish for this ring: the rest of its route becomes that recipe's steps. */
export function ChooseFinishSheet({ bench, log, onClose }: ChooseFinishSheetProps) {
  const recipes = useRecipes();
  const choose = (recipe: RecipeDraft) => {
    const route = withRecipe(bench.state, recipe, ringMetal(bench.ring));
    if (!route) return;
    // The note is what an undo takes back; the steps go with it.
    const [because] = log.log({ kind: 'note', text: `Finish: ${recipe.name}` });
    if (because === undefined) return;
    log.reroute(because, route, `Finish: ${recipe.name}. ${recipeLine(recipe)}.`);
    onClose();
  };
  return (
    <Sheet title="Which finish?" open onClose={onClose}>
      <View role="list" aria-label="Recipes">
        {recipes.map((recipe) => (
          <RecipeCard key={recipe.id ?? recipe.name} recipe={recipe} metal={ringMetal(bench.ring)}>
            <Button label="Take it" describe={`Finish: ${recipe.name}`} onPress={() => choose(recipe)} />
          </RecipeCard>
        ))}
      </View>
    </Sheet>
  );
}
