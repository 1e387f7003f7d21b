import { int, datetime, customType } from 'drizzle-orm/mysql-core';

export const id = () => int().autoincrement().primaryKey();

export const at = (name: string) => datetime(name, { mode: 'date', fsp: 3 });

/** MariaDB keeps JSON as text, so it is written and parsed here. */
export const json = <T>(name: string, upgrade: (stored: T) => T = (stored) => stored) =>
  customType<{ data: T; driverData: string }>({
    dataType: () => 'json',
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (text) => upgrade(JSON.parse(text) as T),
  })(name);

export const bytes = customType<{ data: Buffer }>({ dataType: () => 'mediumblob' });
