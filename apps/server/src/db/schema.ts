/** Every table: what the bench works with, and what happens around it. */
export * from './schema-workshop';
export * from './schema-trade';
