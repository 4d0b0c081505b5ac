import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { createStore, selectPreferences } from '../store';
import { createRouter } from './routes';
import { tellIn } from './words/keepersUnits';
import './styles.css';

const store = createStore();
store.subscribe(() => tellIn(selectPreferences(store.getState())));
const place = document.getElementById('root');
if (!place) throw new Error('index.html has no #root');

createRoot(place).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={createRouter(store)} />
    </Provider>
  </StrictMode>,
);
