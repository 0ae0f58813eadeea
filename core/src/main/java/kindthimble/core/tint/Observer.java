package kindthimble.core.tint;

import kindthimble.core.colour.Lab;

/**
 * The eye under daylight: CIE 1931 2-degree colour-matching functions and illuminant D65 at 400 to 700 nm in steps of 10 nm
 * (CIE 15:2018, tables T.1 and T.4). A spectrum here is always an array of these 31 values.
 */
public final class Observer {
    public static final int BANDS = 31;
    private static final double FIRST_NM = 400;
    private static final double STEP_NM = 10;

    private static final double[] X = {
        0.01431, 0.04351, 0.13438, 0.28390, 0.34828, 0.33620, 0.29080, 0.19536, 0.09564, 0.03201, 0.00490, 0.00930,
        0.06327, 0.16550, 0.29040, 0.43345, 0.59450, 0.76210, 0.91630, 1.02630, 1.06220, 1.00260, 0.85445, 0.64240,
        0.44790, 0.28350, 0.16490, 0.08740, 0.04677, 0.02270, 0.01136
    };
    private static final double[] Y = {
        0.00040, 0.00121, 0.00400, 0.01160, 0.02300, 0.03800, 0.06000, 0.09098, 0.13902, 0.20802, 0.32300, 0.50300,
        0.71000, 0.86200, 0.95400, 0.99495, 0.99500, 0.95200, 0.87000, 0.75700, 0.63100, 0.50300, 0.38100, 0.26500,
        0.17500, 0.10700, 0.06100, 0.03200, 0.01700, 0.00821, 0.00410
    };
    private static final double[] Z = {
        0.06785, 0.20740, 0.64560, 1.38560, 1.74706, 1.77211, 1.66920, 1.28764, 0.81295, 0.46518, 0.27200, 0.15820,
        0.07825, 0.04216, 0.02030, 0.00875, 0.00390, 0.00210, 0.00165, 0.00110, 0.00080, 0.00034, 0.00019, 0.00005,
        0.00002, 0, 0, 0, 0, 0, 0
    };
    private static final double[] D65 = {
        82.7549, 91.4860, 93.4318, 86.6823, 104.865, 117.008, 117.812, 114.861, 115.923, 108.811, 109.354, 107.802,
        104.790, 107.689, 104.405, 104.046, 100.000, 96.3342, 95.7880, 88.6856, 90.0062, 89.5991, 87.6987, 83.2886,
        83.6992, 80.0268, 80.2146, 82.2778, 78.2842, 69.7213, 71.6091
    };

    private static final double[] WX = weighted(X);
    private static final double[] WY = weighted(Y);
    private static final double[] WZ = weighted(Z);

    private Observer() {}

    /** Wavelength of a band, nm. */
    static double nm(int band) {
        return FIRST_NM + STEP_NM * band;
    }

    /**
     * Tristimulus values.
     *
     * @param reflectance 0 to 1 in each band
     * @return X, Y, Z; a perfect white has Y = 1
     */
    public static double[] xyz(double[] reflectance) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < BANDS; i++) {
            x += WX[i] * reflectance[i];
            y += WY[i] * reflectance[i];
            z += WZ[i] * reflectance[i];
        }
        return new double[] {x, y, z};
    }

    /** How a spectrum looks. */
    public static Lab lab(double[] reflectance) {
        double x = 0;
        double y = 0;
        double z = 0;
        for (int i = 0; i < BANDS; i++) {
            x += WX[i] * reflectance[i];
            y += WY[i] * reflectance[i];
            z += WZ[i] * reflectance[i];
        }
        return Lab.ofXyz(x, y, z);
    }

    static double wx(int band) {
        return WX[band];
    }

    static double wy(int band) {
        return WY[band];
    }

    static double wz(int band) {
        return WZ[band];
    }

    private static double[] weighted(double[] matching) {
        double sum = 0;
        for (int i = 0; i < BANDS; i++) {
            sum += Y[i] * D65[i];
        }
        double[] weights = new double[BANDS];
        for (int i = 0; i < BANDS; i++) {
            weights[i] = matching[i] * D65[i] / sum;
        }
        return weights;
    }
}
