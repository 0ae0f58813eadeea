package kindthimble.app.device;

/** What hands do to a scale. Those of a practice kitchen do it to its stand-in; a real scale leaves it alone. */
public interface ScalePan {
    /**
     * Lays so many grams on it.
     *
     * @return whether a scale heard it
     */
    boolean add(double grams);

    /**
     * Has so many grams on it and nothing else.
     *
     * @return whether a scale heard it
     */
    boolean put(double grams);
}
