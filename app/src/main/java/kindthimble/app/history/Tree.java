package kindthimble.app.history;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.words.Refused;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What can be changed place by place, as JSON; remembers what stood where before. */
public final class Tree {
    private final ObjectNode root;
    private final List<Edit> edits = new ArrayList<>();

    public Tree(ObjectNode root) {
        this.root = root;
    }

    public ObjectNode root() {
        return root;
    }

    /** All that was put, with what stood there before. */
    public List<Edit> edits() {
        return List.copyOf(edits);
    }

    /**
     * Puts something in its place.
     *
     * @param path JSON pointer of a place inside what is there
     * @param now what is to stand there; null to take away what is there
     * @throws Refused when there is no such place
     */
    public void put(String path, JsonNode now) {
        JsonPointer pointer = pointer(path);
        JsonNode parent = root.at(pointer.head() == null ? JsonPointer.empty() : pointer.head());
        JsonNode was;
        if (parent instanceof ObjectNode object && pointer.last() != null) {
            String name = pointer.last().getMatchingProperty();
            was = now == null ? object.remove(name) : object.replace(name, now);
        } else if (parent instanceof ArrayNode array && pointer.last() != null) {
            was = putAt(array, pointer.last().getMatchingIndex(), now, path);
        } else {
            throw noSuchPlace(path);
        }
        if (!Same.is(was, now)) {
            edits.add(new Edit(path, was, now));
        }
    }

    private static JsonNode putAt(ArrayNode array, int index, JsonNode now, String path) {
        if (index < 0 || index > array.size() || now == null && index == array.size()) {
            throw noSuchPlace(path);
        }
        if (now == null) {
            return array.remove(index);
        }
        if (index == array.size()) {
            array.add(now);
            return null;
        }
        JsonNode was = array.get(index);
        array.set(index, now);
        return was;
    }

    private static JsonPointer pointer(String path) {
        try {
            return JsonPointer.compile(path);
        } catch (IllegalArgumentException e) {
            throw noSuchPlace(path);
        }
    }

    private static Refused noSuchPlace(String path) {
        return new Refused(
                path.substring(1).replace('/', '.'),
                "What this changes is not there any more. Look again, then change it anew.");
    }
}
