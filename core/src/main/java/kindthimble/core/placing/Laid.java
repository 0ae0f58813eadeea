package kindthimble.core.placing;

import java.util.Set;

/** How marks are placed, and what of a {@link Where} that takes. */
public enum Laid {
    /** Evenly over the section, and clear of what is scattered there already. */
    SCATTERED,
    /** In rows across the section. */
    ROWS,
    /** Evenly round a circle about the section's middle. */
    RING("acrossMm", "turnDegrees"),
    /** In the section's middle. */
    MIDDLE("turnDegrees"),
    /** Where she says. */
    PLACES("places", "mirrored"),
    /** Along the edge of the section, or a part of it. */
    EDGE("everyMm", "fromPercent", "toPercent", "besideMm"),
    /** Along the seams between the sections. */
    SEAMS("everyMm", "besideMm"),
    /** Along a line of her own. */
    PATH("path", "everyMm", "besideMm", "mirrored"),
    /** On the marks of an earlier move. */
    MARKS("marks"),
    /** All over the section. */
    SPREAD;

    private final Set<String> uses;

    Laid(String... uses) {
        this.uses = Set.of(uses);
    }

    /** Components of {@link Where} that mean something for it. */
    public Set<String> uses() {
        return uses;
    }

    /** Whether it follows a line. */
    public boolean isCourse() {
        return this == EDGE || this == SEAMS || this == PATH;
    }
}
