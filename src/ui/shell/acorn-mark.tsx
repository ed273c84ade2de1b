/** The acorn. */
export function AcornMark({ size }: { readonly size: number }) {
  return (
    <svg viewBox="0 0 64 64" width={size} height={size} role="img" aria-label="Vivid Acorn">
      <path d="M32 3c3 0 4 3 3 9h-6c-1-6 0-9 3-9z" fill="#8a5a33" />
      <path d="M11 27c0-10 9-16 21-16s21 6 21 16c0 3-2 5-5 5H16c-3 0-5-2-5-5z" fill="#b9793e" />
      <path
        d="M14 22l6 9M22 16l9 15M32 13l9 17M42 15l7 12M50 20L38 31M42 14L25 31M32 12L16 28"
        stroke="#8f5826"
        strokeWidth="1.6"
        fill="none"
      />
      <path d="M16 34h32c0 13-8 21-16 27-8-6-16-14-16-27z" fill="#4fbf3a" />
      <path d="M21 37h6c0 9 2 14 5 19-6-4-11-10-11-19z" fill="#8fe077" />
    </svg>
  );
}
