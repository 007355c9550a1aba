import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
export default {
  plugins: [react(), tailwindcss()],
  server: {
    port: 5173,
    proxy: {
      '/api': {
        target: 'http://localhost:8123',
        changeOrigin: true,
        configure: (p) =>
          p.on('proxyReq', (q) => q.getHeader('origin') && q.setHeader('origin', 'http://localhost:8123')),
      },
    },
  },
  cacheDir: '/tmp/vitecache',
};
