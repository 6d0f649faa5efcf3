export { StockScreen as default } from '@/features/stock/pieces/StockScreen';
