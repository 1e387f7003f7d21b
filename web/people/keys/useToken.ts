import { useLocation } from 'react-router';

/** The key in the address of a page that a mail leads to. It stands behind a mark that no server sees. */
export const useToken = (): string => useLocation().hash.slice(1);
