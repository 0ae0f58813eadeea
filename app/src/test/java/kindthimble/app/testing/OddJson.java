package kindthimble.app.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** JSON that was right until something in it changed. */
public final class OddJson {
    /** In place of any value, as JSON. */
    private static final List<String> ODD_VALUES = List.of(
            "null",
            "\"\"",
            "\"\\u0000\"",
            "\"a\\u0000b\"",
            "\"\\ud800\"",
            "\"x\\udfff\"",
            "\"\\u0007\\u001b[31m\"",
            "\"\\u202e=1+1\"",
            "\"=HYPERLINK(1)\"",
            "\"" + "x".repeat(100_000) + "\"",
            "\"" + "\\u20ac".repeat(3_000) + "\"",
            "0",
            "-1",
            "1e308",
            "-1e308",
            "1e-320",
            "1e999",
            "9223372036854775807",
            "9223372036854775808",
            "99999999999999999999999999999999999999999",
            "2147483648",
            "0.1",
            "1.5",
            "true",
            "[]",
            "{}",
            "[[[[[[[[[[null]]]]]]]]]]",
            "{\"move\":\"flood\"}",
            "{\"kind\":\"own outline\",\"path\":\"M0 0L1e9 1e9L0 1Z\"}",
            "\"NaN\"",
            "\"9999-99-99T99:99:99\"",
            "\"+999999999-12-31T23:59:59\"",
            "\"0000-01-01T00:00:00\"",
            "\"#GGGGGG\"",
            "\"M0 0A\"",
            "\"a-odd a-even a1 a1 a1\"",
            "[null]",
            "[1,2,3]");

    private final Random random;

    public OddJson(Random random) {
        this.random = random;
    }

    /** A value that is seldom meant. */
    public String value() {
        return ODD_VALUES.get(random.nextInt(ODD_VALUES.size()));
    }

    /** The same with one or two places changed; now and then cut off, or twice as much. */
    public String changed(JsonNode right) {
        JsonNode copy = right.deepCopy();
        String odd = null;
        int changes = 1 + random.nextInt(2);
        for (int i = 0; i < changes; i++) {
            List<JsonNode> holders = new ArrayList<>();
            collect(copy, holders);
            if (holders.isEmpty()) {
                return value();
            }
            JsonNode holder = holders.get(random.nextInt(holders.size()));
            odd = value();
            // A mark that is replaced in the text: some odd values can't be held by a tree.
            if (holder instanceof ObjectNode object && !object.isEmpty()) {
                List<String> names = new ArrayList<>(object.propertyNames());
                String name = names.get(random.nextInt(names.size()));
                switch (random.nextInt(6)) {
                    case 0 -> object.remove(name);
                    case 1 -> object.put("more", 1);
                    default -> object.put(name, "@odd@");
                }
            } else if (holder instanceof ArrayNode array) {
                if (random.nextInt(3) == 0 && !array.isEmpty()) {
                    JsonNode again = array.get(0);
                    for (int n = 0; n < 300; n++) {
                        array.add(again);
                    }
                } else {
                    array.add("@odd@");
                }
            }
        }
        String text = copy.toString().replace("\"@odd@\"", odd);
        return switch (random.nextInt(25)) {
            case 0 -> text.substring(0, text.length() / 2);
            case 1 -> "[".repeat(5_000);
            case 2 -> "{\"a\":".repeat(500);
            case 3 -> text + text;
            default -> text;
        };
    }

    private static void collect(JsonNode node, List<JsonNode> holders) {
        if (node.isContainer()) {
            holders.add(node);
            node.forEach(child -> collect(child, holders));
        }
    }
}
