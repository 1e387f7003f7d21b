import { migrateDatabase, openDatabase } from './database';
import { takeVersionsOver } from './takeOver';

const database = openDatabase(4, 600);
await migrateDatabase(database);
await takeVersionsOver(database, (sentence) => console.log(`stand mark: ${sentence}`));
await database.$client.end();
