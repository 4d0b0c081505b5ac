import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider, createMemoryRouter } from 'react-router';
import { createStore } from '../src/store';
import '../src/app/styles.css';
import { Gallery } from './Gallery';

const router = createMemoryRouter([{ path: '*', Component: Gallery }]);
const place = document.getElementById('root');
if (!place) throw new Error('gallery/index.html has no #root');

createRoot(place).render(
  <Provider store={createStore()}>
    <RouterProvider router={router} />
  </Provider>,
);
