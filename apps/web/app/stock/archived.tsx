export { StockArchiveScreen as default } from '@/features/stock/archived/StockArchiveScreen';
