/** @jest-environment jsdom */
import { afterEach, expect, test } from '@jest/globals';
import { cleanup, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { Link, MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { acted } from '../testing/acted.ts';
import { useFocusOnPage } from './use-focus-on-page.ts';

afterEach(() => cleanup());

function Rooms() {
  const page = useRef<HTMLDivElement>(null);
  useFocusOnPage(page);
  return (
    <>
      <button type="button">Rail</button>
      <Link to="/plain">/plain</Link>
      <Link to="/field">/field</Link>
      <div ref={page} tabIndex={-1} data-testid="page">
        <Outlet />
      </div>
    </>
  );
}

/** Shows the rooms; a way is gone without touching what has the focus. */
function rooms(): (path: string) => Promise<void> {
  render(
    <MemoryRouter>
      <Routes>
        <Route element={<Rooms />}>
          <Route path="/" element={<button type="button">Go</button>} />
          <Route path="/plain" element={<p>Plain</p>} />
          <Route path="/field" element={<input autoFocus aria-label="Field" />} />
        </Route>
      </Routes>
    </MemoryRouter>,
  );
  return (path) => acted(() => screen.getByRole('link', { name: path }).click());
}

test('what had the focus is gone: it goes to the page', async () => {
  const go = rooms();
  expect(document.activeElement).toBe(document.body);
  screen.getByText('Go').focus();
  await go('/plain');
  expect(document.activeElement).toBe(screen.getByTestId('page'));
});

test('a field that asks for the focus has it, and what led there keeps it', async () => {
  const go = rooms();
  await go('/field');
  expect(document.activeElement).toBe(screen.getByLabelText('Field'));
  screen.getByText('Rail').focus();
  await go('/plain');
  expect(document.activeElement).toBe(screen.getByText('Rail'));
});
