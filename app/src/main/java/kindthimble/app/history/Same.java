package kindthimble.app.history;

import tools.jackson.databind.JsonNode;

/** Whether two places hold the same: 24 and 24.0 are one number. */
final class Same {
    private Same() {}

    static boolean is(JsonNode one, JsonNode other) {
        if (one == null || other == null) {
            return one == other;
        }
        return one.equals(
                (a, b) -> a.isNumber() && b.isNumber() && a.doubleValue() == b.doubleValue() || a.equals(b) ? 0 : 1,
                other);
    }
}
