import { mount } from 'svelte';
import 'carbon-components-svelte/css/all.css';
import './theme/fonts.css';
import './theme/theme.css';
import './theme/page.css';
import { preparePaper } from './theme/paper';
import App from './App.svelte';

preparePaper(window);
/** So that the bench opens out of reach; browsers have it on this machine and over HTTPS. */
if ('serviceWorker' in navigator && import.meta.env.PROD) {
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
const target = document.getElementById('app');
if (target) {
  mount(App, { target });
}
