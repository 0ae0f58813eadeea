package kindthimble.core.mark;

/** What has to be so underneath before a mark goes on. */
public enum Gate {
    /** Straight on the baked cookie. */
    BARE_COOKIE,
    /** The coat below is still wet, so that the mark sinks in. */
    WET,
    /** The coat beside it has a skin. */
    SKINNED,
    /** The coat below is set on top, not yet inside. */
    HALF_DRY,
    /** The coat below carries a bead without denting. */
    FIRM,
    /** Nothing that presses leaves a dent. */
    SURFACE_DRY,
    /** Dry to the cookie: overnight. */
    DRY_THROUGH
}
