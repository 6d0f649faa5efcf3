export { LogArchiveScreen as default } from '@/features/log/archived/LogArchiveScreen';
