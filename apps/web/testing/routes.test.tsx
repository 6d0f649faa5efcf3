import * as bench from '@/app/bench/_layout';
import * as log from '@/app/log/_layout';
import * as orders from '@/app/orders/_layout';
import * as plan from '@/app/plan/_layout';
import * as settings from '@/app/settings/_layout';
import * as stock from '@/app/stock/_layout';
import { PlaceProblem } from '@/features/shared/screen/PlaceProblem';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('an error in a place', () => {
  it.each([
    ['bench', bench],
    ['plan', plan],
    ['stock', stock],
    ['orders', orders],
    ['log', log],
    ['settings', settings],
  ])('is caught at its edge: %s', (_name, route) => {
    expect(route.ErrorBoundary).toBe(PlaceProblem);
  });
});
