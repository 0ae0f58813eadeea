package kindthimble.core.pour;

import java.util.List;
import kindthimble.core.design.Cookie;

/**
 * The cookies of an order.
 *
 * @param lines each design with how many of it
 */
public record CookieSet(List<Line> lines) {
    public CookieSet {
        lines = List.copyOf(lines);
    }

    /**
     * @param design what tells this design from the others of the order
     * @param cookie the design, measured
     * @param count how many are handed over, 0 or more
     */
    public record Line(String design, Cookie cookie, int count) {
        public Line {
            if (count < 0) {
                throw new IllegalArgumentException("a count is 0 or more, not " + count);
            }
        }
    }
}
