export { IdentifyScreen as default } from '@/features/stock/identify/IdentifyScreen';
