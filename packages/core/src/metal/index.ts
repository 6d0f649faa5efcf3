export { strainAllowance, THIN_STOCK_MM } from './allowance';
export { silverCopperDensity } from './density';
export { stiffnessOf } from './stiffness';
export type { Stiffness } from './stiffness';
export { isMetalId, listedMetal, metalById, SILVER_FINENESS } from './lookup';
export { metalGroup } from './metal-group';
export type { MetalGroup } from './metal-group';
export { METAL_IDS, METALS } from './table';
export type { HeatRule, Metal, MetalId } from './table';
