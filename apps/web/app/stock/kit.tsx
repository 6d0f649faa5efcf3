export { KitScreen as default } from '@/features/stock/kit/KitScreen';
