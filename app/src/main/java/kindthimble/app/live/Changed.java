package kindthimble.app.live;

import jakarta.annotation.Nullable;

/**
 * Something that pages show is another since now.
 *
 * @param order that changed; null for what belongs to the shop
 * @param revision that it has now
 */
public record Changed(@Nullable Long order, long revision) {}
