import { rounded } from '../testing';
import { FIRST_RECIPES, goldLining, recipeWarnings, STEP_TEMPLATES, stepBySchool } from './index';

/** Recipes, their warnings and a lining, pinned. */
describe('the record of finishes', () => {
  it('what is warned of, by metal', () => {
    const told = FIRST_RECIPES.map(({ name, steps }) => [
      name,
      recipeWarnings(steps),
      recipeWarnings(steps, 'copper'),
      recipeWarnings(steps, 'silver-925'),
      recipeWarnings([...steps].reverse(), 'bronze'),
    ]);
    expect(told).toMatchSnapshot();
  });

  it('steps by every school', () => {
    expect(
      STEP_TEMPLATES.map((one) =>
        [undefined, ...one.schools.map(({ school }) => school)].map((school) => stepBySchool(one, school)),
      ),
    ).toMatchSnapshot();
  });

  it('gold from a bath', () => {
    const lining = { insideDiameterMm: 18.9, heightMm: 8.4, thicknessUm: 0.4, currentA: 0.3 };
    expect(
      rounded([goldLining(lining), goldLining({ ...lining, efficiency: 0.7, valence: 3 })]),
    ).toMatchSnapshot();
  });
});
