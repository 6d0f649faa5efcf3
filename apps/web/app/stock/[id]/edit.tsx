export { EditPieceScreen as default } from '@/features/stock/pieces/PieceFormScreen';
