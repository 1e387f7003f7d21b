export * from './dashboards';
export * from './people';
export * from './problems';
export * from './sources';
