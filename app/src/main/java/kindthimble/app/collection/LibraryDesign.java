package kindthimble.app.collection;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import kindthimble.app.cookie.CookieView;
import kindthimble.core.design.Design;

/**
 * A design of the shop's library for the screen.
 *
 * @param id its number
 * @param document the design; its colours are roles
 * @param roles the colours it was kept with
 * @param cookie the design measured with the shop's numbers; null when it can't be
 * @param tags words to find it by
 * @param usedIn designs on trays that came from it, or that it was kept from
 * @param cast colours of the order that was asked for, by role; empty without an order
 */
public record LibraryDesign(
        long id,
        Design document,
        List<KeptColour> roles,
        @Nullable CookieView cookie,
        List<String> tags,
        List<UsedIn> usedIn,
        Map<String, String> cast) {

    /**
     * @param role {@code main}, {@code second}, {@code accent}, {@code dark}, {@code white} …
     * @param name of the colour it was kept with
     * @param hex of that colour
     */
    public record KeptColour(String role, String name, String hex) {}
}
