package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import kindthimble.core.notebook.Note;

/**
 * A note with where it comes from.
 *
 * @param note as figures are learnt from it
 * @param order at whose bench it was written; null for one by hand
 * @param words that were written with it; empty for none
 * @param insteadOf id of the note whose place it takes; null for none
 * @param counts whether anything is learnt from it: not where another one has taken its place, or it was taken back
 */
record Written(
        Note note,
        @Nullable Long order,
        String words,
        @Nullable String insteadOf,
        boolean counts) {}
