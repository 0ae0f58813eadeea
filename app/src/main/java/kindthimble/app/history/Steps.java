package kindthimble.app.history;

import jakarta.annotation.Nullable;

/**
 * What undo and redo would do, in words.
 *
 * @param undo what undo brings about; null when there is nothing to undo
 * @param redo what redo brings about; null when there is nothing to do again
 */
public record Steps(@Nullable String undo, @Nullable String redo) {}
