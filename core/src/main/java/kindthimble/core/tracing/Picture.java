package kindthimble.core.tracing;

/**
 * A picture of dots.
 *
 * @param width dots from side to side
 * @param height dots from top to bottom
 * @param argb the dots, row by row: alpha, red, green and blue, 8 bits each
 */
public record Picture(int width, int height, int[] argb) {
    public Picture {
        if (argb.length != width * height) {
            throw new IllegalArgumentException("a picture has width times height dots");
        }
    }

    /** The same, so many dots at most on its longer side: each dot the mean of those it stands for. */
    public Picture atMost(int longest) {
        double scale = (double) longest / Math.max(width, height);
        if (scale >= 1) {
            return this;
        }
        int w = Math.max(1, (int) Math.round(width * scale));
        int h = Math.max(1, (int) Math.round(height * scale));
        int[] small = new int[w * h];
        for (int y = 0; y < h; y++) {
            int y0 = (int) ((long) y * height / h);
            int y1 = Math.max(y0 + 1, (int) ((long) (y + 1) * height / h));
            for (int x = 0; x < w; x++) {
                int x0 = (int) ((long) x * width / w);
                int x1 = Math.max(x0 + 1, (int) ((long) (x + 1) * width / w));
                long a = 0;
                long r = 0;
                long g = 0;
                long b = 0;
                for (int v = y0; v < y1; v++) {
                    for (int u = x0; u < x1; u++) {
                        int dot = argb[v * width + u];
                        a += dot >>> 24;
                        r += dot >> 16 & 255;
                        g += dot >> 8 & 255;
                        b += dot & 255;
                    }
                }
                int n = (y1 - y0) * (x1 - x0);
                small[y * w + x] = (int) (a / n) << 24 | (int) (r / n) << 16 | (int) (g / n) << 8 | (int) (b / n);
            }
        }
        return new Picture(w, h, small);
    }

    /** Adds red, green and blue of a place between dots, as near as its four neighbours tell; a dot's middle is at a half. */
    void add(double x, double y, double[] sum) {
        double u = Math.max(0, Math.min(width - 1.001, x - 0.5));
        double v = Math.max(0, Math.min(height - 1.001, y - 0.5));
        int i = (int) v * width + (int) u;
        double right = u - (int) u;
        double down = v - (int) v;
        weigh(argb[i], (1 - right) * (1 - down), sum);
        weigh(argb[i + 1], right * (1 - down), sum);
        weigh(argb[i + width], (1 - right) * down, sum);
        weigh(argb[i + width + 1], right * down, sum);
    }

    private static void weigh(int dot, double weight, double[] sum) {
        sum[0] += weight * (dot >> 16 & 255);
        sum[1] += weight * (dot >> 8 & 255);
        sum[2] += weight * (dot & 255);
    }
}
