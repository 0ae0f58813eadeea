package kindthimble.core.caution;

/**
 * One thing that is likely to go wrong with a cookie, and what helps: one class each. A new one is a class of its own, and its line in
 * {@link Cautions}.
 */
interface Warning {
    /** How much it weighs. */
    Weight weight();

    /** Looks for it on a whole cookie, and says where it is found. */
    void look(IcedCookie cookie, Found found);
}
