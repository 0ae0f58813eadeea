package kindthimble.core.drawing;

/** What a shape of a drawing becomes on the cookie. */
public enum Becomes {
    /** A section of its own, flooded. */
    SECTION("section"),
    /** It sinks into the wet coat around it. */
    WET("wet"),
    /** A raised line along its middle. */
    RAISED("raised"),
    /** Bordered and filled on a dry coat. */
    RAISED_FILL("raised fill"),
    /** A line to go by, not iced. */
    GUIDE("guide"),
    LEFT_OUT("left out");

    private final String word;

    Becomes(String word) {
        this.word = word;
    }

    /** What it is called. */
    public String word() {
        return word;
    }
}
