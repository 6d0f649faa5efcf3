export { ShelvesScreen as default } from '@/features/shelves/ShelvesScreen';
