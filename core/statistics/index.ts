export {
  count,
  type Figures,
  maximum,
  mean,
  median,
  minimum,
  percentile,
  standardDeviation,
  stepEdges,
} from './statistics';
