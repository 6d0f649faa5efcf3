export { LogRingScreen as default } from '@/features/log/LogRingScreen';
