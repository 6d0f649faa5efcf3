export { SizersScreen as default } from '@/features/sizers/SizersScreen';
