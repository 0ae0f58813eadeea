package kindthimble.core.kitchen;

/** What amounts are written in: grams and mm always; where a shop wants that, spoons, cups, ounces, inches and °F beside them. */
public enum Measures {
    GRAMS,
    GRAMS_AND_SPOONS;

    /** A level teaspoon of water, and of icing sugar, g (US customary measure 4.93 ml; 120 g to the cup of 236.6 ml). */
    public static final double TEASPOON_WATER_GRAMS = 4.93;

    public static final double TEASPOON_SUGAR_GRAMS = 2.5;

    /** An avoirdupois ounce, g (NIST Handbook 44). */
    public static final double OUNCE_GRAMS = 28.349_523_125;

    /** An inch, mm. */
    public static final double INCH_MM = 25.4;
}
