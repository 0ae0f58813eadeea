package kindthimble.app.everything;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import kindthimble.app.http.Unreadable;
import kindthimble.core.words.Refused;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The files of an archive, read: what can't be is refused under the name of its file. */
final class ArchivedJson {
    private final Map<String, byte[]> files;
    private final JsonMapper json;

    ArchivedJson(Map<String, byte[]> files, JsonMapper json) {
        this.files = files;
        this.json = json;
    }

    Set<String> names() {
        return files.keySet();
    }

    boolean has(String name) {
        return files.containsKey(name);
    }

    /** What a list holds, where the archive has it. */
    <T> void each(String name, TypeReference<List<T>> type, Consumer<List<T>> then) {
        List<T> list = read(name, type);
        if (list != null) {
            if (list.stream().anyMatch(Objects::isNull)) {
                throw missing(name);
            }
            then.accept(list);
        }
    }

    /** @return null where the archive has no such file */
    <T> T read(String name, TypeReference<T> type) {
        return has(name) ? reading(name, bytes -> json.readValue(bytes, type)) : null;
    }

    /** An object of any shape. */
    JsonNode tree(String name) {
        JsonNode tree = reading(name, json::readTree);
        if (tree instanceof ObjectNode) {
            return tree;
        }
        throw new Refused(name, "This file does not hold what it should.");
    }

    static Refused missing(String file) {
        return new Refused(file, "Something in this list is missing.");
    }

    private <T> T reading(String name, Function<byte[], T> reader) {
        try {
            T read = reader.apply(files.get(name));
            if (read == null) {
                throw new Refused(name, "This file is empty.");
            }
            return read;
        } catch (JacksonException e) {
            throw Unreadable.refused(e).inside(name);
        }
    }
}
