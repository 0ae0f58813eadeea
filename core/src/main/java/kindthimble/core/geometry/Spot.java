package kindthimble.core.geometry;

/** A point in mm, x to the right and y downwards. */
public record Spot(double x, double y) {}
