package kindthimble.app.desk;

import jakarta.annotation.Nullable;
import kindthimble.app.cookie.CookieView;
import kindthimble.core.design.Design;

/**
 * A design of an order.
 *
 * @param id its number
 * @param count how many are handed over
 * @param document the design
 * @param cookie the design measured; null when it can't be
 * @param trouble why it can't be measured with the shop's numbers; null when it can
 */
public record DesignView(
        long id,
        int count,
        Design document,
        @Nullable CookieView cookie,
        @Nullable String trouble) {}
