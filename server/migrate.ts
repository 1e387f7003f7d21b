import { migrateDatabase, openDatabase } from './database';

const database = openDatabase(2);
await migrateDatabase(database);
await database.$client.end();
