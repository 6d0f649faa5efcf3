export { SearchScreen as default } from '@/features/plan/search/SearchScreen';
