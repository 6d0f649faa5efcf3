/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { StockArchiveScreen } from './archived/StockArchiveScreen';
export { SuppliesScreen } from './consumables/SuppliesScreen';
export { CsvScreen } from './csv/CsvScreen';
export { IdentifyScreen } from './identify/IdentifyScreen';
export { KitScreen } from './kit/KitScreen';
export { EditPieceScreen } from './pieces/PieceFormScreen';
export { NewPieceScreen } from './pieces/PieceFormScreen';
export { PieceScreen } from './pieces/PieceScreen';
export { StockScreen } from './pieces/StockScreen';
export { ScrapScreen } from './scrap/ScrapScreen';
export { YearsScreen } from './years/YearsScreen';
