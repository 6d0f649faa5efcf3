import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export { PlaceProblem as ErrorBoundary } from '@/features/shared/screen/PlaceProblem';

export default lazyScreen(() => import('@/features/help/screens').then((place) => place.SearchScreen));
