export { StartScreen as default } from '@/features/settings/first-run/StartScreen';
