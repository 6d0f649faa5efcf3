export { SizersScreen as default } from '@/features/orders/sizers/SizersScreen';
