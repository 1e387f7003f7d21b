export {
  count,
  maximum,
  mean,
  median,
  minimum,
  percentile,
  standardDeviation,
  stepEdges,
} from './statistics';
