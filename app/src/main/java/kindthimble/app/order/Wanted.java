package kindthimble.app.order;

import jakarta.annotation.Nullable;
import java.time.YearMonth;

/**
 * Which orders are looked for.
 *
 * @param text in the name, in for whom, in a design's or colour's name; empty for any
 * @param month of the hand-over; null for any
 * @param archived whether those that were put away, instead of the others
 * @param sort how they follow each other
 * @param page from 0
 */
public record Wanted(String text, @Nullable YearMonth month, boolean archived, ListedBy sort, int page) {

    /** How orders follow each other. */
    public enum ListedBy {
        LATEST("o.hand_over desc, o.id desc"),
        EARLIEST("o.hand_over, o.id"),
        NAME("lower(o.name), o.id"),
        FOR("lower(o.client), o.id"),
        MOST_COOKIES("cookies desc, o.id");

        private final String columns;

        ListedBy(String columns) {
            this.columns = columns;
        }

        String columns() {
            return columns;
        }
    }
}
