package kindthimble.app.live;

import jakarta.annotation.Nullable;

/**
 * Something that pages show is another since now.
 *
 * @param order that changed; null for what belongs to the shop
 * @param revision that it has now; {@link #NOT_THE_ORDER} where only something was pressed at its bench
 * @param bench how much was pressed at its bench by now; null where it is not about that
 */
public record Changed(
        @Nullable Long order, long revision, @Nullable Long bench) {
    public static final long NOT_THE_ORDER = -1;

    public Changed(@Nullable Long order, long revision) {
        this(order, revision, null);
    }
}
