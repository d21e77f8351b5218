import './design/faces.css';
import './design/tokens.css';
import './design/reset.css';
import { mount } from 'svelte';
import { askAgainForPictures } from './api/patience';
import App from './app/App.svelte';

const target = document.getElementById('app');
if (!target) {
  throw new Error('The page has no place for the application');
}
askAgainForPictures(document);
mount(App, { target });
