export { FingersScreen as default } from '@/features/plan/fingers/FingersScreen';
