package kindthimble.core.colour;

/**
 * Eyes to which some colours look alike (G. M. Machado, M. M. Oliveira and L. A. F. Fernandes, A physiologically-based model for
 * simulation of color vision deficiency, IEEE Transactions on Visualization and Computer Graphics 15, 2009; severity 1, on the
 * screen's linear red, green and blue).
 */
public enum Eyes {
    /** No cones for long waves: reds are dark. */
    PROTAN(new double[][] {
        {0.152286, 1.052583, -0.204868},
        {0.114503, 0.786281, 0.099216},
        {-0.003882, -0.048116, 1.051998},
    }),
    /** No cones for middle waves: red and green are alike. */
    DEUTAN(new double[][] {
        {0.367322, 0.860646, -0.227968},
        {0.280085, 0.672501, 0.047413},
        {-0.011820, 0.042940, 0.968881},
    }),
    /** No cones for short waves: blue and green are alike. */
    TRITAN(new double[][] {
        {1.255528, -0.076749, -0.178779},
        {-0.078411, 0.930809, 0.147602},
        {0.004733, 0.691367, 0.303900},
    });

    private final double[][] turn;

    Eyes(double[][] turn) {
        this.turn = turn;
    }

    /** How a colour looks to them. */
    public Lab see(Lab colour) {
        double[] rgb = colour.linearRgb();
        double[] seen = new double[3];
        for (int i = 0; i < 3; i++) {
            for (int j = 0; j < 3; j++) {
                seen[i] += turn[i][j] * Math.max(0, Math.min(1, rgb[j]));
            }
            seen[i] = Math.max(0, Math.min(1, seen[i]));
        }
        return Lab.ofLinearRgb(seen[0], seen[1], seen[2]);
    }
}
