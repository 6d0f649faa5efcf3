export { NewPieceScreen as default } from '@/features/stock/pieces/PieceFormScreen';
