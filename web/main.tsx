import '@fontsource-variable/archivo/wdth.css';
import './look/base.css';
import './hands/hands.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router, store } from './app';
import { giveVoice, sayByLibrary } from './hands';
import { takeStillAway } from './still';

/** However it goes, what stood before the application goes after so many milliseconds. */
const longestStill = 5000;

const root = document.getElementById('root');
if (!root) throw new Error('The page has no place for the application.');
giveVoice(sayByLibrary);
setTimeout(takeStillAway, longestStill);
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>
  </StrictMode>,
);
