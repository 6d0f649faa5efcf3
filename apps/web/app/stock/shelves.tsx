export { ShelvesScreen as default } from '@/features/stock/consumables/ShelvesScreen';
