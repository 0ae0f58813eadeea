package kindthimble.app.order;

import jakarta.annotation.Nullable;
import java.time.LocalDateTime;

/**
 * What the decorator has said of a piece of work on the clock. Times are those of the clock on the wall.
 *
 * @param pinned when it begins, whatever else; null where the plan may say
 * @param done when it was done; null where it is still to do
 * @param split whether it is done in two halves; null for no
 * @param notBefore before when it is not begun; null where it may be
 */
public record Wish(
        @Nullable LocalDateTime pinned,
        @Nullable LocalDateTime done,
        @Nullable Boolean split,
        @Nullable LocalDateTime notBefore) {
    boolean isNothing() {
        return pinned == null && done == null && notBefore == null && !Boolean.TRUE.equals(split);
    }
}
