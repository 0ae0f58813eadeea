package kindthimble.app.cookie;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import kindthimble.core.colour.Palette;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import org.springframework.stereotype.Service;

/** Measures designs, and remembers those it has measured: their areas do not change until they do. */
@Service
public class CookieService {
    private static final int REMEMBERED = 500;
    private static final double HAIR_MM = 0.001;

    private final Cache<Asked, Measured> measured =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private record Asked(Design design, ShopSettings shop, double floodSeconds, Palette palette) {}

    private record Measured(Cookie cookie, CookieView view) {}

    /**
     * @param floodSeconds the order's flood, or null for the shop's
     * @param palette how its colours look
     * @throws kindthimble.core.catalogue.Refused when it can't be measured
     */
    public Cookie measure(Design design, ShopSettings shop, Double floodSeconds, Palette palette) {
        return both(design, shop, floodSeconds, palette).cookie();
    }

    /** The same for the screen. */
    public CookieView view(Design design, ShopSettings shop, Double floodSeconds, Palette palette) {
        return both(design, shop, floodSeconds, palette).view();
    }

    /** Measures without remembering, a hair larger each time. */
    public void measureUnseen(Design design, ShopSettings shop, Double floodSeconds, Palette palette, int hairs) {
        Cutter c = design.cutter();
        Cutter larger =
                new Cutter(c.shape(), c.across(), c.sizeMm() + hairs * HAIR_MM, c.flipped(), c.joined(), c.hole());
        Design other = new Design(
                design.format(), design.name(), larger, design.spreadPercent(), design.marginMm(), design.moves());
        double flood = floodSeconds == null ? shop.floodCountSeconds() : floodSeconds;
        CookieView.of(new Measuring(shop, flood, palette).measure(other), recipe(), palette);
    }

    /** The base that icing is made from. */
    public BaseRecipe recipe() {
        return HouseDefaults.MERINGUE_POWDER;
    }

    private Measured both(Design design, ShopSettings shop, Double floodSeconds, Palette palette) {
        double flood = floodSeconds == null ? shop.floodCountSeconds() : floodSeconds;
        return measured.get(new Asked(design, shop, flood, palette), asked -> {
            Cookie cookie = new Measuring(shop, flood, palette).measure(design);
            return new Measured(cookie, CookieView.of(cookie, recipe(), palette));
        });
    }
}
