package kindthimble.app.notebook;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.core.notebook.Learnt;
import tools.jackson.databind.JsonNode;

/**
 * A notebook as it goes from one shop to another: what a bench has written goes with it as notes.
 *
 * @param notes by their ids
 * @param kept ids of those that count however improbable they are
 * @param figures what was decided on them
 */
public record BoxedNotebook(List<BoxedNote> notes, List<String> kept, Map<String, Learnt.Decision> figures) {
    public BoxedNotebook {
        notes = notes == null ? List.of() : List.copyOf(notes);
        kept = kept == null ? List.of() : List.copyOf(kept);
        figures = figures == null ? Map.of() : Map.copyOf(figures);
    }

    /**
     * @param note as {@link NoteJson} reads it
     * @param insteadOf note whose place it takes; null for none
     * @param removed whether it was taken back
     */
    public record BoxedNote(JsonNode note, @Nullable String insteadOf, boolean removed) {}

    /** Of all its notes. */
    Set<String> ids() {
        return notes.stream()
                .filter(one -> one.note() != null)
                .map(one -> one.note().path("id").asString(""))
                .collect(Collectors.toSet());
    }
}
