export { FingersScreen as default } from '@/features/fingers/FingersScreen';
