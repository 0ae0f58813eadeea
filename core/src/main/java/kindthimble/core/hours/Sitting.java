package kindthimble.core.hours;

/**
 * A time in which hands work without a longer break.
 *
 * @param start seconds since the epoch
 * @param end the same, after the start
 */
public record Sitting(long start, long end) {
    public Sitting {
        if (end <= start) {
            throw new IllegalArgumentException("a sitting ends after it starts");
        }
    }

    public long seconds() {
        return end - start;
    }
}
