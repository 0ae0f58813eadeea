package kindthimble.core.geometry;

/** A bounding box in mm: its corner of least x and y, and its size. */
public record Box(double x, double y, double widthMm, double heightMm) {
    /** Whether a point lies in it or on its edge. */
    public boolean holds(double px, double py) {
        return px >= x && px <= x + widthMm && py >= y && py <= y + heightMm;
    }

    /** The box round both. */
    public Box with(Box other) {
        double left = Math.min(x, other.x);
        double top = Math.min(y, other.y);
        return new Box(
                left,
                top,
                Math.max(x + widthMm, other.x + other.widthMm) - left,
                Math.max(y + heightMm, other.y + other.heightMm) - top);
    }
}
