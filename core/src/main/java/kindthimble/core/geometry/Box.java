package kindthimble.core.geometry;

/** A bounding box in mm: its corner of least x and y, and its size. */
public record Box(double x, double y, double widthMm, double heightMm) {}
