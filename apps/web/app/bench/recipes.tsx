export { RecipesScreen as default } from '@/features/bench/recipes/RecipesScreen';
