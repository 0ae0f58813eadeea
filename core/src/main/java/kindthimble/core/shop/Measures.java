package kindthimble.core.shop;

/** What amounts are written in: grams always, and spoons and cups beside them where a shop wants that. */
public enum Measures {
    GRAMS,
    GRAMS_AND_SPOONS
}
