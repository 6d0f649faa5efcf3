export { DevicesScreen as default } from '@/features/devices/DevicesScreen';
