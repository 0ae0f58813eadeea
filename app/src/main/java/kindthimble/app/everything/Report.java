package kindthimble.app.everything;

import java.util.List;

/**
 * What an archive brings, thing by thing.
 *
 * @param lines in the order of the archive
 */
record Report(List<Line> lines) {
    /** What a thing is. */
    enum Kind {
        NUMBERS,
        RECIPE,
        STOCK,
        GEL,
        JAR,
        NOTEBOOK,
        LIBRARY,
        CUTTER,
        ORDER
    }

    /** How it stands to what is here. */
    enum State {
        /** Nothing like it is here. */
        NEW,
        /** The very same is here. */
        SAME,
        /** It is here, and is another one. */
        CLASH
    }

    /**
     * @param kind what it is
     * @param name what it is called
     * @param state how it stands to what is here
     */
    record Line(Kind kind, String name, State state) {}
}
