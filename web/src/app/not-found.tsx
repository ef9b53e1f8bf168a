// A plain link: this page travels with every other, and the router's own would travel with it.
export default function NotFound() {
  return (
    <main id="main" style={{ padding: '18vh 24px', maxWidth: 560, margin: '0 auto' }}>
      <h1>Nothing here</h1>
      <p>This page does not exist, was deleted, or belongs to another venue. Nothing of yours is lost.</p>
      <p>
        <a href="/cellar">To the cellar</a>
      </p>
    </main>
  );
}
