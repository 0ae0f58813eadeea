package kindthimble.core.kitchen;

/** When raised detail goes on. */
public enum DetailSchool {
    /** Flood day one, detail day two: safest against bleeding. */
    OVERNIGHT,
    /** Within the hour, on a half-dry coat: fewer craters, fewer days. */
    HALF_DRY
}
