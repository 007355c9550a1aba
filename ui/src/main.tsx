import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import './look/look.css';
import './server/nonce';

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root.');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
