package kindthimble.core.geometry;

/** Lengths in mm as they stand in path data: to a hundredth. A picture has thousands of them. */
public final class Hundredths {
    private Hundredths() {}

    /** Writes a length, such as {@code -3.50}. */
    public static StringBuilder append(StringBuilder path, double mm) {
        long hundredths = Math.round(Math.abs(mm) * 100);
        if (mm < 0 && hundredths > 0) {
            path.append('-');
        }
        path.append(hundredths / 100).append('.');
        return path.append((char) ('0' + hundredths / 10 % 10)).append((char) ('0' + hundredths % 10));
    }
}
