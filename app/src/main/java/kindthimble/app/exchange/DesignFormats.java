package kindthimble.app.exchange;

import java.util.Iterator;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * Brings design documents of an earlier format up to this one. From 1 to 2: where marks are placed has become a document of its own, so
 * that {@code laid} of dots, pieces and beads, {@code along} of a line and {@code insetMm} of lines and stitches are in {@code where}.
 */
public final class DesignFormats {
    private static final int WITH_WHERE = 2;
    private static final Map<String, String> ALONG = Map.of("EDGE", "EDGE", "SPLITS", "SEAMS");

    private DesignFormats() {}

    /** A document as this version reads it; changed in place where it is of an earlier format. */
    public static JsonNode upgraded(JsonNode document) {
        if (document instanceof ObjectNode design && design.path("format").asInt(0) == 1) {
            design.put("format", WITH_WHERE);
            design.path("moves").forEach(DesignFormats::upgradedMove);
        }
        return document;
    }

    /** A part of a history: a whole design, its moves, or one of them; whatever else is left as it is. */
    public static JsonNode upgradedPart(JsonNode part) {
        if (part == null) {
            return null;
        }
        if (part.isArray()) {
            part.forEach(DesignFormats::upgradedMove);
        } else if (part.has("move")) {
            upgradedMove(part);
        } else if (part.has("document")) {
            upgraded(part.get("document"));
        }
        return upgraded(part);
    }

    private static void upgradedMove(JsonNode node) {
        if (!(node instanceof ObjectNode move) || move.has("where")) {
            return;
        }
        ObjectNode where = JsonNodeFactory.instance.objectNode();
        for (String field : new String[] {"laid", "along", "insetMm"}) {
            JsonNode was = move.remove(field);
            if (was != null && where(field, was) instanceof ObjectNode said) {
                for (Iterator<Map.Entry<String, JsonNode>> it =
                                said.properties().iterator();
                        it.hasNext(); ) {
                    Map.Entry<String, JsonNode> one = it.next();
                    if (!where.has(one.getKey())) {
                        where.set(one.getKey(), one.getValue());
                    }
                }
            }
        }
        if (where.path("laid").asString("").equals("SEAMS")) {
            where.remove("besideMm");
        }
        if (!where.isEmpty()) {
            move.set("where", where);
        }
    }

    /** What a field of format 1 says of where marks are; null for nothing. */
    public static JsonNode where(String field, JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        ObjectNode where = JsonNodeFactory.instance.objectNode();
        return switch (field) {
            case "laid" -> where.set("laid", value);
            case "along" -> where.set("laid", StringNode.valueOf(ALONG.getOrDefault(value.asString(), "EDGE")));
            default -> where.put("laid", "EDGE").set("besideMm", value);
        };
    }
}
