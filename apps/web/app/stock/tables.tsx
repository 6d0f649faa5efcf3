export { CsvScreen as default } from '@/features/stock/csv/CsvScreen';
