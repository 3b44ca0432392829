import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router/dom';
import { SWRConfig } from 'swr';
import { fetcher } from '../api/fetcher.ts';
import { HeadingContext } from '../ui/heading-context.ts';
import { router } from './routes.tsx';
import './theme.css';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.nonce;
if (nonce) setNonce(nonce);

const heading = (): string => (router.state.navigation.location ?? router.state.location).pathname;

const root = document.getElementById('root');
if (!root) throw new Error('the page has no #root');
createRoot(root).render(
  <StrictMode>
    <SWRConfig value={{ fetcher, revalidateOnFocus: false, shouldRetryOnError: false }}>
      <HeadingContext value={heading}>
        <RouterProvider router={router} />
      </HeadingContext>
    </SWRConfig>
  </StrictMode>,
);
