/// <reference types="vite/client" />
declare module '*.css'
declare module '@fontsource-variable/*'
declare module '@fontsource/*'
