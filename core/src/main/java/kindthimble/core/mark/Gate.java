package kindthimble.core.mark;

/** What has to be so underneath before a mark goes on. */
public enum Gate {
    /** Straight on the baked cookie. */
    BARE_COOKIE(0),
    /** The coat below is still wet, so that the mark sinks in. */
    WET(0),
    /** The coat beside it has a skin. */
    SKINNED(25),
    /** The coat below is set on top, not yet inside. */
    HALF_DRY(35),
    /** The coat below carries a bead without denting. */
    FIRM(100),
    /** Nothing that presses leaves a dent. */
    SURFACE_DRY(5 * 60),
    /** Dry to the cookie: overnight. */
    DRY_THROUGH(10 * 60),
    /** Dry enough to peel off a texture sheet, and dry through with that: a day. */
    TEXTURE_SHEET(24 * 60);

    private final int minutes;

    Gate(int minutes) {
        this.minutes = minutes;
    }

    /** How long that takes from the wet coat on, for 2 mm of it in still air of 21 C and 45 % humidity (kitchen practice). */
    public int minutes() {
        return minutes;
    }

    /** Whether nothing sinks in any more once this has come. */
    public boolean isPastWet() {
        return compareTo(WET) > 0;
    }
}
