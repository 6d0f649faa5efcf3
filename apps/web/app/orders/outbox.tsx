export { OutboxScreen as default } from '@/features/outbox/OutboxScreen';
