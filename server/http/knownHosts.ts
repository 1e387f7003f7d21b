import { isIPv4 } from 'node:net';
import type { RequestHandler } from 'express';
import { settings } from '../settings';
import { Refusal } from './refusals';

/**
 * Refuses requests to a host that the settings do not name: another name that leads here is somebody
 * else's, and pages of it would speak to this server as their own. Loopback names are always named.
 */
export const knownHostsOnly: RequestHandler = (request, _response, next) => {
  const name = (request.get('host') ?? '').toLowerCase().replace(/:\d+$/, '');
  if (isLoopback(name) || settings.hosts.includes(name)) return next();
  next(
    new Refusal(421, {
      code: 'unknown-host',
      sentence:
        'This server does not go by this name. Whoever runs it names it in the setting STAND_MARK_HOSTS.',
    }),
  );
};

const isLoopback = (name: string) =>
  name === 'localhost' || name === '[::1]' || (isIPv4(name) && name.startsWith('127.'));
