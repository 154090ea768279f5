import './early';
import PrimeVue from 'primevue/config';
import ToastService from 'primevue/toastservice';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router';
import { theme } from './styles/theme';
import './styles/base.css';

createApp(App).use(router).use(PrimeVue, { theme, ripple: false }).use(ToastService).mount('#app');
