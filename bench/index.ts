import { measureReaders } from './readers';
import { isWithin, type Measured, sayMeasured } from './report';
import { measureRows } from './rows';

/*
 * Ratios of our work to peers measured in the same run, so that a slower machine changes neither.
 * A limit that is missed ends the run with an error.
 */
const measured: Measured[] = [];
for (const measure of [measureRows, measureReaders]) {
  for (const each of await measure()) {
    measured.push(each);
    console.log(sayMeasured(each));
  }
}
const missed = measured.filter((each) => !isWithin(each));
if (missed.length > 0) console.log(`${missed.length} of ${measured.length} limits are missed`);
process.exitCode = missed.length > 0 ? 1 : 0;
