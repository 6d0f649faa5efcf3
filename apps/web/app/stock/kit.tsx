export { KitScreen as default } from '@/features/stock/KitScreen';
