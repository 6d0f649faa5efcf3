export { goldLining } from './plating';
export type { GoldLining, GoldLiningAnswer } from './plating';
export { finishFrom, FIRST_RECIPES, isFinishing, withRecipe } from './recipe';
export type { Recipe } from './recipe';
export { STEP_TEMPLATES, stepBySchool, templateOf } from './templates';
export type { RecipeStep, SchoolTime, StepTemplate } from './templates';
export { recipeWarnings } from './warnings';
export type { RecipeWarning } from './warnings';
