import '@fontsource-variable/archivo/wdth.css';
import './look/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { router, store } from './app';
import { Toasts } from './look';

const root = document.getElementById('root');
if (!root) throw new Error('The page has no place for the application.');
createRoot(root).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={router} />
      <Toasts />
    </Provider>
  </StrictMode>,
);
