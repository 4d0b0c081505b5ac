import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router';
import { createStore, selectPreferences } from '../store';
import { SCHEMES } from '../records';
import { createRouter } from './routes';
import { showScheme, startScheme } from './ui/scheme';
import { tellIn } from './words/keepersUnits';
import './styles.css';

const store = createStore();
startScheme(SCHEMES);
let seen = selectPreferences(store.getState());
store.subscribe(() => {
  const preferences = selectPreferences(store.getState());
  if (preferences === seen) return;
  seen = preferences;
  tellIn(preferences);
  showScheme(preferences.scheme);
});
const place = document.getElementById('root');
if (!place) throw new Error('index.html has no #root');

createRoot(place).render(
  <StrictMode>
    <Provider store={store}>
      <RouterProvider router={createRouter(store)} />
    </Provider>
  </StrictMode>,
);
