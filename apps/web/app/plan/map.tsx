export { MapScreen as default } from '@/features/plan/size-map/MapScreen';
