export { MapScreen as default } from '@/features/size-map/MapScreen';
