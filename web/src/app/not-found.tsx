import Link from 'next/link';

export default function NotFound() {
  return (
    <main id="main" style={{ padding: '18vh 24px', maxWidth: 560, margin: '0 auto' }}>
      <h1>Nothing here</h1>
      <p>This page does not exist, was deleted, or belongs to another venue. Nothing of yours is lost.</p>
      <p>
        <Link href="/cellar">To the cellar</Link>
      </p>
    </main>
  );
}
