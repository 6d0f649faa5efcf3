export { SearchScreen as default } from '@/features/search/SearchScreen';
