import { isIPv6 } from 'node:net';
import type { Request, RequestHandler, Response } from 'express';
import { settings } from '../settings';
import { Seats } from './seats';

/**
 * Where a request comes from: the address of the client, or the proxies' word on it where a setting
 * trusts them. Of an address of the newer kind the part that names a household is taken.
 * @returns an address of four parts, or the first 64 bits of a newer one
 */
export function addressOf(request: Request): string {
  const address = (request.ip ?? '').replace(/^::ffff:(?=\d+\.)/, '');
  if (!isIPv6(address)) return address;
  const [head = '', tail] = address.split('::');
  const given = head.split(':').filter(Boolean);
  const missing =
    tail === undefined ? 0 : 8 - given.length - tail.split(':').filter(Boolean).length;
  return [...given, ...Array<string>(missing).fill('0')].slice(0, 4).join(':');
}

/**
 * Lets one person, and one address, have so many requests worked on at once; the others wait in
 * their own line. It is entered before anything is asked of the database, so a person is known by
 * the cookie alone; the address bounds those who make cookies up.
 * @param atOnce how many requests of one person
 */
export function shareFairly(atOnce: number): RequestHandler {
  const waiting = settings.requestsWaiting;
  const ofPerson = new Seats({ atOnce, waiting });
  const ofAddress = new Seats({ atOnce: settings.requestsOfAddress, waiting });
  const enter = async (request: Request, response: Response) => {
    const address = addressOf(request);
    const leaveAddress = await ofAddress.take(address);
    const gone = () => response.closed || request.destroyed;
    try {
      const leavePerson = await ofPerson.take(request.get('cookie') ?? address);
      const leave = () => {
        leavePerson();
        leaveAddress();
      };
      if (gone()) leave();
      else response.once('close', leave);
    } catch (error) {
      leaveAddress();
      throw error;
    }
  };
  return (request, response, next) => {
    enter(request, response).then(() => next(), next);
  };
}
