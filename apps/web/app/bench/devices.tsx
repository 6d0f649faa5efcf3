export { DevicesScreen as default } from '@/features/bench/devices/DevicesScreen';
