import { createRouter } from 'sv-router';
import Frame from './shell/Frame.svelte';
import NotFound from './shell/NotFound.svelte';
import Today from './views/today/Today.svelte';

export const { navigate, route } = createRouter({
  '/': Today,
  '/machines': () => import('./views/machines/Machines.svelte'),
  '/machines/:id': () => import('./views/machines/MachinePage.svelte'),
  '/jobs/:id/sheet': () => import('./views/sheet/Sheet.svelte'),
  '/jobs/:id/bench': () => import('./views/bench/Bench.svelte'),
  '/desk': () => import('./views/desk/Desk.svelte'),
  '/fit': () => import('./views/fit/Fit.svelte'),
  '/fit/:call': () => import('./views/fit/Fit.svelte'),
  '/book': () => import('./views/book/Book.svelte'),
  '/sheets/:id': () => import('./views/bring/SheetIn.svelte'),
  '/crib': () => import('./views/crib/Crib.svelte'),
  '/shelf': () => import('./views/shelf/Shelf.svelte'),
  '/settings': () => import('./views/settings/Settings.svelte'),
  '/log': () => import('./views/log/Log.svelte'),
  '/log/:id': () => import('./views/log/Record.svelte'),
  '*notfound': NotFound,
  layout: Frame,
});
