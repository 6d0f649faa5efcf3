import { FIRST_RECIPES, type Recipe } from '@round-mint/core/finishing';
import { useMemo } from 'react';
import { useListRecipesQuery } from '@/store/bench-api';
import type { RecipeDraft } from './recipe-draft';

/** The maker's own recipes, then those that the app begins with and that were not taken over under their name. */
export function useRecipes(): readonly RecipeDraft[] {
  const own = useListRecipesQuery().data;
  return useMemo(() => {
    const mine = (own ?? []).map(({ id, name, note, steps }): RecipeDraft => ({ id, name, note, steps }));
    const names = new Set(mine.map(({ name }) => name));
    const first = FIRST_RECIPES.filter(({ name }) => !names.has(name)).map((recipe: Recipe): RecipeDraft => ({
      ...recipe,
      id: undefined,
    }));
    return [...mine, ...first];
  }, [own]);
}
