export { strainAllowance, THIN_STOCK_MM } from './allowance';
export { silverCopperDensity } from './density';
export { stiffnessOf } from './stiffness';
export type { Stiffness } from './stiffness';
export { isMetalId, listedMetal, METAL_IDS, metalById, METALS, SILVER_FINENESS } from './table';
export type { HeatRule, Metal, MetalId } from './table';
