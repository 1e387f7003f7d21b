import { recallStill } from './still';

// The application is read once the page stands as it did before, where it was seen and is unchanged.
void recallStill().finally(() => import('./main'));
