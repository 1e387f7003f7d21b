export {
  type TurnedDials,
  useChartReading,
  useLastReading,
  usePreparedReadings,
  useReadingOf,
} from './useReading';
