package kindthimble.core.kitchen;

/** What amounts are written in: grams always, and spoons and cups beside them where a shop wants that. */
public enum Measures {
    GRAMS,
    GRAMS_AND_SPOONS;

    /** A level teaspoon of water, and of icing sugar, g (US customary measure 4.93 ml; 120 g to the cup of 236.6 ml). */
    public static final double TEASPOON_WATER_GRAMS = 4.93;

    public static final double TEASPOON_SUGAR_GRAMS = 2.5;
}
