import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource/atkinson-hyperlegible-mono/400.css'
import '@fontsource/atkinson-hyperlegible-mono/600.css'
import './styles.css'
import { VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import AppRoot from './AppRoot.vue'
import { router } from './router'
import { queryClient } from './shared/api/queries'
import { vuetify } from './theme'

createApp(AppRoot).use(router).use(vuetify).use(VueQueryPlugin, { queryClient }).mount('#app')
