package kindthimble.app.history;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.regex.Pattern;
import kindthimble.core.words.Refused;
import tools.jackson.databind.JsonNode;

/**
 * Changes as a page sends them: only the places that changed, and the revision that they were made on.
 *
 * @param revision of the order or shop that the page showed
 * @param gesture the same for all that was typed into one field in one go, so that undo takes it back in one go; null for none
 * @param edits place by place, in the order in which they were made
 * @param id that the page gave it: the same one twice counts once; null for a program that does not send twice
 */
public record Patch(
        long revision,
        @Nullable String gesture,
        List<Placed> edits,
        @Nullable String id) {
    private static final int MOST = 400;

    /** Of named parts: nothing lies at a place without a name. */
    private static final Pattern PLACE = Pattern.compile("(/[^/]+)+");

    private static final int LONGEST_PATH = 200;
    private static final int LONGEST_GESTURE = 60;
    private static final int LONGEST_ID = 60;

    /** What is sent once. */
    public Patch(long revision, @Nullable String gesture, List<Placed> edits) {
        this(revision, gesture, edits, null);
    }

    /**
     * @param path JSON pointer (RFC 6901) of the place
     * @param now what is to stand there; JSON's null is a value, and left out it takes away what is there
     */
    public record Placed(String path, @Nullable JsonNode now) {}

    /**
     * @throws Refused when it can't be meant
     */
    public void check() {
        if (edits == null || edits.isEmpty() || edits.size() > MOST) {
            throw new Refused("edits", "Send between 1 and " + MOST + " changes.");
        }
        if (gesture != null && gesture.length() > LONGEST_GESTURE) {
            throw new Refused("gesture", "Keep the gesture under " + (LONGEST_GESTURE + 1) + " letters.");
        }
        if (id != null && (id.isEmpty() || id.length() > LONGEST_ID)) {
            throw new Refused("id", "Give the change an id of up to " + LONGEST_ID + " letters.");
        }
        for (Placed edit : edits) {
            if (edit == null
                    || edit.path() == null
                    || edit.path().length() > LONGEST_PATH
                    || !PLACE.matcher(edit.path()).matches()) {
                throw new Refused("edits", "Say with a path such as /details/name what changes.");
            }
        }
    }
}
