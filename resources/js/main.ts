import { mount } from 'svelte';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import 'carbon-components-svelte/css/all.css';
import './look.css';
import App from './App.svelte';

const target = document.getElementById('app');
if (target !== null) mount(App, { target });
