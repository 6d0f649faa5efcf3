export { ScrapScreen as default } from '@/features/stock/scrap/ScrapScreen';
