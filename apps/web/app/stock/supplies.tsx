import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/stock/screens').then((place) => place.SuppliesScreen));
