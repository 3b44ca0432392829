import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Writes the names of all files of the application, for the worker that keeps them on a device. */
const assetList = (): Plugin => ({
  name: 'asset-list',
  generateBundle(_options, bundle) {
    const files = Object.keys(bundle).filter((name) => name.startsWith('assets/'));
    this.emitFile({
      type: 'asset',
      fileName: 'assets.json',
      source: JSON.stringify(files.map((name) => `/${name}`)),
    });
  },
});

export default defineConfig({
  plugins: [react(), tailwindcss(), assetList()],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  // Inlined assets would need data: fonts and scripts, which the Content-Security-Policy forbids.
  build: {
    target: 'es2022',
    assetsInlineLimit: 0,
    sourcemap: false,
    rollupOptions: {
      input: { main: 'index.html', sw: 'src/shell/sw.ts' },
      // A worker that keeps the application has an address of its own, above every page.
      output: { entryFileNames: ({ name }) => (name === 'sw' ? 'sw.js' : 'assets/[name]-[hash].js') },
    },
  },
  server: { port: 5174, proxy: { '/api': 'http://127.0.0.1:5173' } },
});
