import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/settings/screens').then((place) => place.BackupsScreen));
