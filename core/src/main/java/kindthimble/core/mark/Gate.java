package kindthimble.core.mark;

/** What has to be so underneath before a mark goes on. */
public enum Gate {
    /** Straight on the baked cookie. */
    BARE_COOKIE,
    /** The coat below is still wet, so that the mark sinks in. */
    WET,
    /** The coat below carries a bead without denting. */
    FIRM
}
