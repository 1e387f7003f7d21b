export * from './dashboards';
export * from './people';
export * from './sources';
export * from './upkeep';
