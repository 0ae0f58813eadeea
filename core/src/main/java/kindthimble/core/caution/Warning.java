package kindthimble.core.caution;

/**
 * One thing that is likely to go wrong with a cookie, and what helps: one class each. A new one is a class of its own, and its line in
 * {@link Cautions}.
 */
interface Warning {
    /** How much it weighs. */
    Weight weight();

    /** What it looks like on the cookie when it goes wrong; null where there is nothing to see there. */
    default Damage damage() {
        return null;
    }

    /** Whether it goes wrong on film as well, where nothing runs over an edge, and small is usual. */
    default boolean isOnFilm() {
        return true;
    }

    /** Looks for it on a whole cookie, and says where it is found. */
    void look(IcedCookie cookie, Found found);
}
