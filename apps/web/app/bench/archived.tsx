import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/bench/screens').then((place) => place.ArchivedScreen));
