'use client';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main id="main" style={{ padding: '18vh 24px', maxWidth: 560, margin: '0 auto' }}>
      <h1>This page did not come</h1>
      <p>The application or its database did not answer. What you wrote is kept on this device.</p>
      <p>
        <button type="button" onClick={reset} style={{ minHeight: 44, padding: '0 18px' }}>
          Try again
        </button>
      </p>
    </main>
  );
}
