export { BenchPage } from './BenchPage';
export { benchSlice } from './benchSlice';
