import { measureChanges } from './changes';
import { measureFiles } from './files';
import { measureLarge } from './large';
import { measurePages } from './pages';
import { measurePointing } from './pointing';
import { measureReaders } from './readers';
import { isWithin, type Measured, sayMeasured } from './report';
import { measureRows } from './rows';
import { measureServers } from './servers';
import { measureSteps } from './steps';
import { measureStoring } from './storing';
import { measureText } from './text';
import { measureTwentyMillion } from './twentyMillion';
import { measureTyping } from './typing';

/*
 * Ratios of our work to peers measured in the same run, so that a slower machine changes neither.
 * A limit that is missed ends the run with an error. A name of a part measures that part alone.
 */
const parts: Record<string, () => Measured[] | Promise<Measured[]>> = {
  rows: measureRows,
  files: measureFiles,
  storing: measureStoring,
  large: measureLarge,
  steps: measureSteps,
  readers: measureReaders,
  servers: measureServers,
  pages: measurePages,
  changes: measureChanges,
  pointing: measurePointing,
  text: measureText,
  typing: measureTyping,
  'twenty-million': measureTwentyMillion,
};
const [only] = process.argv.slice(2);
const measured: Measured[] = [];
for (const [name, measure] of Object.entries(parts)) {
  if (only && only !== name) continue;
  for (const each of await measure()) {
    measured.push(each);
    console.log(sayMeasured(each));
  }
}
const missed = measured.filter((each) => !isWithin(each));
if (missed.length > 0) console.log(`${missed.length} of ${measured.length} limits are missed`);
process.exitCode = missed.length > 0 ? 1 : 0;
