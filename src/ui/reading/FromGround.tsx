/** The mark of what was read off drawn ground. */
export function FromGround() {
  return (
    <svg
      viewBox="0 0 10 10"
      aria-hidden="true"
      className="mb-1 ml-0.5 inline-block size-2 text-call-1"
    >
      <path d="M1 9 V1 L9 4 L1 6.5" fill="currentColor" stroke="currentColor" strokeWidth="1.5" />
    </svg>
  );
}
