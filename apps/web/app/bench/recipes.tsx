export { RecipesScreen as default } from '@/features/recipes/RecipesScreen';
