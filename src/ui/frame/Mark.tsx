/** The product's mark: a ball over the divot that sends it out. */
export function Mark() {
  return (
    <svg viewBox="0 0 32 32" className="size-8" aria-hidden="true">
      <path d="M3 17 H8 Q12 27 20 25 Q26 23 29 17 Z" fill="var(--sand)" />
      <path
        d="M3 17 H8 Q12 27 20 25 Q26 23 29 17"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeLinejoin="round"
      />
      <circle cx="19" cy="11" r="5" fill="white" stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
