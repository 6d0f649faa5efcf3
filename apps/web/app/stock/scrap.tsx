export { ScrapScreen as default } from '@/features/scrap/ScrapScreen';
