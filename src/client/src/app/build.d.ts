/// <reference types="vite-plugin-pwa/client" />

/** Version of the product, from the one place where it stands. */
declare const __VERSION__: string
