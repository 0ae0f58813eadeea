package kindthimble.core.geometry;

/**
 * A shape is larger or more tangled than any cookie needs, or working on it takes longer than anybody waits. Whoever laid it on says
 * which move it was.
 */
public final class TooMuch extends RuntimeException {
    private static final long serialVersionUID = 1;

    /**
     * @param sentence what is too much and what to do, to stand behind the name of what is meant: {@code it crosses itself …}
     */
    public TooMuch(String sentence) {
        super(sentence);
    }
}
