import { createRouter, createWebHistory } from 'vue-router'
import ArrangeView from './features/arrange/ArrangeView.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/arrange' },
    { path: '/arrange', name: 'arrange', component: ArrangeView },
    { path: '/find', name: 'find', component: () => import('./features/find/FindView.vue') },
    {
      path: '/sources/:id?',
      name: 'sources',
      component: () => import('./features/imports/SourcesView.vue'),
    },
    { path: '/lists', name: 'lists', component: () => import('./features/lists/ListsView.vue') },
    { path: '/compare', name: 'compare', component: () => import('./features/lists/CompareView.vue') },
    { path: '/export', name: 'export', component: () => import('./features/export/ExportView.vue') },
    { path: '/print', name: 'print', component: () => import('./features/print/PrintView.vue') },
    { path: '/review', name: 'review', component: () => import('./features/review/ReviewView.vue') },
    {
      path: '/tables/:table?/:plan?',
      name: 'tables',
      component: () => import('./features/tables/TablesView.vue'),
    },
    { path: '/about', name: 'about', component: () => import('./features/about/AboutView.vue') },
    { path: '/matrix', name: 'matrix', component: () => import('./features/fit/MatrixView.vue') },
    { path: '/fit/:radio?', name: 'fit', component: () => import('./features/fit/FitView.vue') },
    { path: '/radios', name: 'radios', component: () => import('./features/radios/RadiosView.vue') },
    { path: '/snapshots', name: 'snapshots', component: () => import('./features/load/SnapshotsView.vue') },
    {
      path: '/plans/:id/paper',
      name: 'plan-paper',
      component: () => import('./features/load/PlanPaper.vue'),
    },
    { path: '/models/:id?', name: 'models', component: () => import('./features/radios/ModelsView.vue') },
    { path: '/load/:radio?', name: 'load', component: () => import('./features/load/LoadView.vue') },
    { path: '/prove', name: 'prove', component: () => import('./features/prove/ProveView.vue') },
    { path: '/prove/dry-run', name: 'dry-run', component: () => import('./features/prove/DryRunView.vue') },
    { path: '/prove/log', name: 'log', component: () => import('./features/prove/LogView.vue') },
    { path: '/prove/ready', name: 'ready', component: () => import('./features/prove/ReadyView.vue') },
    { path: '/carry', name: 'carry', component: () => import('./features/carry/CarryView.vue') },
    { path: '/carry/cards', name: 'cards', component: () => import('./features/carry/CardsView.vue') },
    {
      path: '/carry/practice',
      name: 'practice',
      component: () => import('./features/practice/PracticeView.vue'),
    },
    { path: '/:rest(.*)*', name: 'nowhere', component: () => import('./features/NowhereView.vue') },
  ],
})
