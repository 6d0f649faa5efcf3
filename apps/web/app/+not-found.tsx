export { NoSuchPage as default } from '@/features/shell/NoSuchPage';
