export { PieceScreen as default } from '@/features/stock/pieces/PieceScreen';
