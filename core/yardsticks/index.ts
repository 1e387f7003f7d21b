export {
  findYardsticks,
  type LineYardstick,
  type TodayYardstick,
  type Yardstick,
} from './yardsticks';
