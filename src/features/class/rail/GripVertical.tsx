/** Two rungs to take hold of. */
export function GripVertical() {
  return (
    <svg aria-hidden viewBox="0 0 16 16" className="mx-auto block h-4 w-4 stroke-current" strokeWidth={2}>
      <path d="M2 5h12M2 11h12" />
    </svg>
  );
}
