export { BackupsScreen as default } from '@/features/settings/backups/BackupsScreen';
