export { CsvScreen as default } from '@/features/csv/CsvScreen';
