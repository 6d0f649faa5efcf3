export { PieceScreen as default } from '@/features/stock/PieceScreen';
