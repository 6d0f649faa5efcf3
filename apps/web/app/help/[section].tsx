import { lazyScreen } from '@/features/shared/screen/lazy-screen';

export default lazyScreen(() => import('@/features/help/screens').then((place) => place.SectionScreen));
