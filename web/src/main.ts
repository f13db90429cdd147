import { mount } from 'svelte';
import 'carbon-components-svelte/css/all.css';
import './theme/fonts.css';
import './theme/theme.css';
import './theme/page.css';
import { preparePaper } from './theme/paper';
import App from './App.svelte';

preparePaper(window);
const target = document.getElementById('app');
if (target) {
  mount(App, { target });
}
