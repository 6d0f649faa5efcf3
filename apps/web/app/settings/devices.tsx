export { DevicesScreen as default } from '@/features/settings/devices/DevicesScreen';
