export { LogRingScreen as default } from '@/features/log/rings/LogRingScreen';
