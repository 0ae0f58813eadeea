package kindthimble.core.tracing;

import java.util.Arrays;

/** A picture's dots in CIE L*a*b* (D65), as numbers side by side: a quarter of a million conversions a second would not do. */
final class LabDots {
    private static final int STEPS = 4096;
    private static final float LEAST_GRAIN = 1.5f;
    private static final float SIGMAS = 2.6f;
    private static final int AROUND = 2;
    private static final float[] LINEAR = new float[256];
    private static final float[] ROOT = new float[STEPS + 2];
    private static final float[] SHOWN = new float[STEPS + 1];

    static {
        for (int i = 0; i < 256; i++) {
            double c = i / 255.0;
            LINEAR[i] = (float) (c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4));
        }
        for (int i = 0; i <= STEPS; i++) {
            double t = (double) i / STEPS;
            SHOWN[i] = (float) (255 * (t <= 0.0031308 ? 12.92 * t : 1.055 * Math.pow(t, 1 / 2.4) - 0.055));
        }
        for (int i = 0; i < ROOT.length; i++) {
            double t = (double) i / STEPS;
            ROOT[i] = (float) (t > 216.0 / 24389 ? Math.cbrt(t) : t * 841 / 108 + 4.0 / 29);
        }
    }

    final int width;
    final int height;
    final float[] l;
    final float[] a;
    final float[] b;
    /** The same as a screen shows them, 0 to 255: a blur of two colours is half-way there where it is half of each. */
    private final float[] red;

    private final float[] green;
    private final float[] blue;

    /** Dots that show nothing. */
    final boolean[] clear;

    LabDots(Picture picture, float[] light) {
        width = picture.width();
        height = picture.height();
        int n = width * height;
        l = new float[n];
        a = new float[n];
        b = new float[n];
        clear = new boolean[n];
        red = new float[n];
        green = new float[n];
        blue = new float[n];
        for (int i = 0; i < n; i++) {
            int dot = picture.argb()[i];
            if (dot >>> 24 < 128) {
                clear[i] = true;
                continue;
            }
            float lit = light == null ? 1 : light[i];
            float u = LINEAR[dot >> 16 & 255] * lit;
            float v = LINEAR[dot >> 8 & 255] * lit;
            float w = LINEAR[dot & 255] * lit;
            red[i] = shown(u);
            green[i] = shown(v);
            blue[i] = shown(w);
            float x = root((0.4124f * u + 0.3576f * v + 0.1805f * w) / 0.9505f);
            float y = root(0.2126f * u + 0.7152f * v + 0.0722f * w);
            float z = root((0.0193f * u + 0.1192f * v + 0.9505f * w) / 1.0890f);
            l[i] = 116 * y - 16;
            a[i] = 500 * (x - y);
            b[i] = 200 * (y - z);
        }
    }

    private static float root(float t) {
        float at = Math.max(0, Math.min(1, t)) * STEPS;
        int i = (int) at;
        return ROOT[i] + (at - i) * (ROOT[i + 1] - ROOT[i]);
    }

    /**
     * Takes grain off: each dot becomes the mean of those around it that are like it (a sigma filter: J.-S. Lee, Digital image smoothing and the sigma
     * filter, 1983), where the picture has grain at all. Edges stay where they are.
     */
    void smooth() {
        float grain = grain();
        if (grain < LEAST_GRAIN) {
            return;
        }
        float near = SIGMAS * grain * SIGMAS * grain;
        float[] oldL = l.clone();
        float[] oldA = a.clone();
        float[] oldB = b.clone();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int i = y * width + x;
                float sumL = 0;
                float sumA = 0;
                float sumB = 0;
                int n = 0;
                for (int v = Math.max(0, y - AROUND); v <= Math.min(height - 1, y + AROUND); v++) {
                    for (int j = v * width + Math.max(0, x - AROUND);
                            j <= v * width + Math.min(width - 1, x + AROUND);
                            j++) {
                        float dl = oldL[j] - oldL[i];
                        float da = oldA[j] - oldA[i];
                        float db = oldB[j] - oldB[i];
                        if (dl * dl + da * da + db * db < near) {
                            sumL += oldL[j];
                            sumA += oldA[j];
                            sumB += oldB[j];
                            n++;
                        }
                    }
                }
                l[i] = sumL / n;
                a[i] = sumA / n;
                b[i] = sumB / n;
            }
        }
    }

    /** By how much neighbours differ where half of them differ by less. */
    private float grain() {
        int n = Math.min(40_000, l.length / 2);
        float[] steps = new float[n];
        for (int k = 0; k < n; k++) {
            int i = Math.min(l.length - 2, (int) ((long) k * l.length / n));
            steps[k] = (float) Math.sqrt(squareBetween(i, i + 1));
        }
        Arrays.sort(steps);
        return steps[n / 2];
    }

    private static float shown(float linear) {
        return SHOWN[Math.max(0, Math.min(STEPS, (int) (linear * STEPS + 0.5f)))];
    }

    /** How far a dot is from a colour as a screen shows them, squared. */
    float squareShown(int i, float[] colour) {
        float dr = red[i] - colour[0];
        float dg = green[i] - colour[1];
        float db = blue[i] - colour[2];
        return dr * dr + dg * dg + db * db;
    }

    /** How light a dot is, 0 to 1, in linear light. */
    static float luminance(int dot) {
        return 0.2126f * LINEAR[dot >> 16 & 255] + 0.7152f * LINEAR[dot >> 8 & 255] + 0.0722f * LINEAR[dot & 255];
    }

    float squareTo(int i, float[] centre) {
        float dl = l[i] - centre[0];
        float da = a[i] - centre[1];
        float db = b[i] - centre[2];
        return dl * dl + da * da + db * db;
    }

    float squareBetween(int i, int j) {
        float dl = l[i] - l[j];
        float da = a[i] - a[j];
        float db = b[i] - b[j];
        return dl * dl + da * da + db * db;
    }
}
