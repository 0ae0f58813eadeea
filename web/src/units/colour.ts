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
