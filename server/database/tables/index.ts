export * from './dashboards';
export * from './keys';
export * from './people';
export * from './sources';
export * from './upkeep';
