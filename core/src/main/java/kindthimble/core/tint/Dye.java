package kindthimble.core.tint;

/** Food dyes, each one band of absorption (a Gaussian; peaks as published for their solutions in water). */
public enum Dye {
    TARTRAZINE(427, 38),
    SUNSET_YELLOW(482, 38),
    ALLURA_RED(504, 38),
    ERYTHROSINE(527, 22),
    BRILLIANT_BLUE(630, 26),
    INDIGO_CARMINE(612, 38);

    private final double peakNm;
    private final double sdNm;

    Dye(double peakNm, double sdNm) {
        this.peakNm = peakNm;
        this.sdNm = sdNm;
    }

    /**
     * Share of the peak's absorption.
     *
     * @param nm wavelength
     * @param shiftNm how far the band lies from where it is published
     */
    double at(double nm, double shiftNm) {
        double away = (nm - peakNm - shiftNm) / sdNm;
        return Math.exp(-away * away / 2);
    }
}
