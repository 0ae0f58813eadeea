package kindthimble.app.desk;

import jakarta.annotation.Nullable;

/**
 * What undo or redo has done.
 *
 * @param sentence that says so
 * @param design number of the design that it shows on; null for the order as a whole
 * @param path of the first place that changed
 * @param order as it is now, whole
 */
public record Undone(String sentence, @Nullable Long design, String path, OrderView order) {}
