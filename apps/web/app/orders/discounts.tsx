import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/orders/screens').then((place) => place.DiscountsScreen));
