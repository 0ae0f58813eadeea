/** Relative luminance (WCAG 2.2) of #RRGGBB, 0 to 1. */
export function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Whether an icing needs a rim to be seen on enamel. */
export function isPale(hex: string): boolean {
  return luminance(hex) > 0.62;
}

/** A colour as it catches the light: lighter up to white at 1, darker down to black at -1. */
export function toned(hex: string, tone: number): string {
  if (tone === 0) return hex;
  const to = tone > 0 ? 255 : 0;
  const parts = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16);
    return Math.round(c + Math.abs(tone) * (to - c))
      .toString(16)
      .padStart(2, "0");
  });
  return `#${parts.join("")}`;
}
