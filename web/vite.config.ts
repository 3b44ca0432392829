import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  html: { cspNonce: '__CSP_NONCE__' },
  worker: { format: 'es' },
  // Inlined assets would need data: fonts and scripts, which the Content-Security-Policy forbids.
  build: { target: 'es2022', assetsInlineLimit: 0, sourcemap: false },
  server: { port: 5174, proxy: { '/api': 'http://127.0.0.1:5173' } },
});
