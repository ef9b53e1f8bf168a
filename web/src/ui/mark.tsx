/** The rose of the name. */
export function Mark() {
  return (
    <svg width="26" height="26" viewBox="0 0 32 32" aria-hidden>
      <path d="M16 1 18.6 13.4 16 16ZM31 16 18.6 18.6 16 16ZM16 31 13.4 18.6 16 16ZM1 16 13.4 13.4 16 16Z" fill="var(--madder)" />
      <path d="M16 1 13.4 13.4 16 16ZM31 16 18.6 13.4 16 16ZM16 31 18.6 18.6 16 16ZM1 16 13.4 18.6 16 16Z" fill="var(--madder-soft)" />
      <path
        d="M24.5 7.5 18.6 13.4 16 16ZM24.5 24.5 18.6 18.6 16 16ZM7.5 24.5 13.4 18.6 16 16ZM7.5 7.5 13.4 13.4 16 16Z"
        stroke="var(--madder)"
        strokeWidth=".6"
      />
    </svg>
  );
}
