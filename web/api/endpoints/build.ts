import type { EndpointBuilder } from '@reduxjs/toolkit/query/react';
import type { checkedFetch } from '../checkedFetch';

/** What of the server's answers a change makes stale. */
export const tagTypes = [
  'Measures',
  'Session',
  'Dashboards',
  'Dashboard',
  'Sharing',
  'Sources',
  'Underway',
  'Frames',
] as const;

/** What endpoints are built with. */
export type Build = EndpointBuilder<typeof checkedFetch, (typeof tagTypes)[number], 'api'>;
