export * from './dashboards';
export * from './deliveries';
export * from './forms';
export * from './grid';
export * from './measures';
export * from './people';
export * from './problems';
export * from './sources';
