import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/log/screens').then((place) => place.LogArchiveScreen));
