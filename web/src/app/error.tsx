'use client';

/** It travels with every page, so it is made of nothing that a page may not have: the way on is the same address once more. */
export default function ErrorPage() {
  return (
    <main id="main" style={{ padding: '18vh 24px', maxWidth: 560, margin: '0 auto' }}>
      <h1>This page did not come</h1>
      <p>The application or its database did not answer. What you wrote is kept on this device.</p>
      <p>
        <a href="">Try again</a>
      </p>
    </main>
  );
}
