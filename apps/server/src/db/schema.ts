/** Every table: what the bench works with, what happens around it, and who may come in. */
export { rowVersion } from './schema-columns';
export * from './schema-workshop';
export * from './schema-trade';
export * from './schema-learning';
export * from './schema-access';
