export { LogScreen as default } from '@/features/log/rings/LogScreen';
