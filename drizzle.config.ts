import { defineConfig } from 'drizzle-kit';

export default defineConfig({
  dialect: 'mysql',
  schema: './server/database/tables/*.ts',
  out: './server/database/migrations',
});
