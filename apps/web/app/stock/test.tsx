export { IdentifyScreen as default } from '@/features/identify/IdentifyScreen';
