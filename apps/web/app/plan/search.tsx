import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/plan/screens').then((place) => place.SearchScreen));
