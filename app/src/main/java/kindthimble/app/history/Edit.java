package kindthimble.app.history;

import jakarta.annotation.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.BooleanNode;

/**
 * One place that a change has changed.
 *
 * @param path of the place, a JSON pointer (RFC 6901) such as {@code /designs/7/count}
 * @param was what stood there; null for nothing
 * @param now what stands there after it; null for nothing
 */
public record Edit(
        String path, @Nullable JsonNode was, @Nullable JsonNode now) {

    /** A place by its parts, whatever letters those have. */
    public static String path(String... parts) {
        StringBuilder path = new StringBuilder();
        for (String part : parts) {
            path.append('/').append(part.replace("~", "~0").replace("/", "~1"));
        }
        return path.toString();
    }

    /** Something that is turned on or off. */
    public static Edit flag(String path, boolean now) {
        return new Edit(path, BooleanNode.valueOf(!now), BooleanNode.valueOf(now));
    }

    /** What takes it back. */
    public Edit inverse() {
        return new Edit(path, now, was);
    }

    /** The parts of its path, such as {@code designs}, {@code 7}, {@code count}. */
    public String[] parts() {
        String[] parts = path.substring(1).split("/");
        for (int i = 0; i < parts.length; i++) {
            parts[i] = parts[i].replace("~1", "/").replace("~0", "~");
        }
        return parts;
    }
}
