// @ts-check
import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, renameSync, rmSync } from 'node:fs';
import { Transform } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { installFromDebian } from './debian.mjs';
import { SetupError } from './say.mjs';

/** What MariaDB's dump ends with, when it has come to its end. */
const ending = '-- Dump completed';

/** How often a dump is begun anew that met a table which was dropped meanwhile. */
const mostTries = 3;

/** Makes sure that MariaDB's own programs for dumps are there. */
export const installDumpPrograms = () =>
  installFromDebian('/usr/bin/mariadb-dump', ['mariadb-client'], 'MariaDB’s dump');

/**
 * Writes all of a database to a packed file, as it stood at one moment, while others go on using it.
 * The file is there whole or not at all.
 * @param {string} url the database, as DATABASE_URL has it
 * @param {string} path where the file comes to stand
 * @throws {SetupError} when the database cannot be read to its end
 */
export async function dump(url, path) {
  const part = `${path}.part`;
  for (let tried = 1; ; tried += 1) {
    const { args, env, name } = connectionOf(url);
    const options = ['--single-transaction', '--quick', '--hex-blob', '--no-tablespaces'];
    const charset = '--default-character-set=utf8mb4';
    const child = spawn('mariadb-dump', [...args, ...options, charset, name], {
      stdio: ['ignore', 'pipe', 'pipe'],
      env,
    });
    const ended = endOf(child);
    const tail = new Tail();
    await pipeline(child.stdout, tail, createGzip(), createWriteStream(part, { mode: 0o600 }));
    const { code, said } = await ended;
    if (code === 0 && tail.text.includes(ending)) return renameSync(part, path);
    rmSync(part, { force: true });
    if (tried === mostTries) throw new SetupError(`The database could not be read: ${said}`);
  }
}

/**
 * Reads a packed file into an empty database.
 * @param {string} url
 * @param {string} path
 * @throws {SetupError} when the file is no whole backup, or the database refuses it
 */
export async function load(url, path) {
  const { args, env, name } = connectionOf(url);
  const child = spawn('mariadb', [...args, '--default-character-set=utf8mb4', name], {
    stdio: ['pipe', 'ignore', 'pipe'],
    env,
  });
  const ended = endOf(child);
  const tail = new Tail();
  const unpacked = pipeline(createReadStream(path), createGunzip(), tail, child.stdin);
  const broken = await unpacked.then(
    () => '',
    (/** @type {Error} */ error) => error.message,
  );
  const { code, said } = await ended;
  if (code !== 0) throw new SetupError(`The database refused the backup: ${said}`);
  if (broken || !tail.text.includes(ending))
    throw new SetupError(`${path} is no whole backup. ${broken}`);
}

/** Keeps the end of what passes. */
class Tail extends Transform {
  text = '';

  /**
   * @param {Buffer} chunk
   * @param {BufferEncoding} _encoding
   * @param {import('node:stream').TransformCallback} done
   */
  _transform(chunk, _encoding, done) {
    this.text = (this.text + chunk.subarray(-200).toString('latin1')).slice(-200);
    done(null, chunk);
  }
}

/** @param {string} url */
function connectionOf(url) {
  const { hostname, port, username, password, pathname } = new URL(url);
  return {
    args: [
      `--host=${hostname}`,
      `--port=${port || 3306}`,
      `--user=${decodeURIComponent(username)}`,
    ],
    // On a command line everybody could read it.
    env: { ...process.env, MYSQL_PWD: decodeURIComponent(password) },
    name: pathname.slice(1),
  };
}

/**
 * @param {import('node:child_process').ChildProcess} child
 * @returns {Promise<{ code: number, said: string }>}
 */
function endOf(child) {
  let said = '';
  child.stderr?.on('data', (chunk) => (said = (said + chunk).slice(-1000)));
  child.stdin?.on('error', () => {});
  return new Promise((done) => {
    child.on('error', (error) => done({ code: 1, said: error.message }));
    child.on('close', (code) => done({ code: code ?? 1, said: said.trim() }));
  });
}
