'use client';
import { Button } from '@/ui/button';

export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main id="main" style={{ padding: '18vh 24px', maxWidth: 560, margin: '0 auto' }}>
      <h1>This page did not come</h1>
      <p>The application or its database did not answer. What you wrote is kept on this device.</p>
      <p>
        <Button onPress={reset}>Try again</Button>
      </p>
    </main>
  );
}
