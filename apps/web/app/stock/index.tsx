export { StockScreen as default } from '@/features/stock/StockScreen';
