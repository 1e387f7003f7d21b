export * from './dashboards';
export * from './grid';
export * from './people';
export * from './problems';
export * from './sources';
