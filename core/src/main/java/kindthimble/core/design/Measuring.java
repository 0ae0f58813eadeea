package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.colour.Palette;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.move.Coats;
import kindthimble.core.move.Division;
import kindthimble.core.move.Ground;
import kindthimble.core.move.Sections;
import kindthimble.core.shop.Filling;
import kindthimble.core.shop.ShopSettings;

/** Measures designs: divides the cookie that their cutter gives, and lays their moves on it, one after the other. */
public final class Measuring {
    private final ShopSettings shop;
    private final double floodSeconds;
    private final Palette palette;
    private final Filling filling;

    /** With the shop's own filling. */
    public Measuring(ShopSettings shop, double floodSeconds, Palette palette) {
        this(shop, floodSeconds, palette, shop.filling());
    }

    /**
     * @param shop whose numbers stand in for what a design leaves open
     * @param floodSeconds the order's flood, 2 to 30
     * @param palette how the order's colours look, to tell dark from light
     * @param filling the order's way of filling, where a design does not say its own
     */
    public Measuring(ShopSettings shop, double floodSeconds, Palette palette, Filling filling) {
        this.shop = shop;
        this.floodSeconds = floodSeconds;
        this.palette = palette;
        this.filling = filling;
    }

    /**
     * @throws Refused when a number is out of its range, or something does not fit
     */
    public Cookie measure(Design design) {
        design.check();
        try {
            Cookie cookie = measured(design);
            return cookie.withCautions(new Remedies(this::plainly, cookie).tried());
        } catch (TooMuch tooMuch) {
            throw new Refused("moves", "All moves together: " + tooMuch.getMessage());
        }
    }

    /** A design with what a press would change, its own remedies untried. */
    private Cookie plainly(Design design) {
        design.check();
        return measured(design);
    }

    private Cookie measured(Design design) {
        Region baked = baked(design);
        Region iced = iced(design, baked);
        Sections sections = sections(design, iced);
        Coats coats = new Coats(design.moves(), sections);
        Ground ground = new Ground(
                iced,
                sections,
                coats,
                new Ground.Shop(
                        shop,
                        floodSeconds,
                        palette,
                        marginMm(design),
                        design.filling() == null ? filling : design.filling()),
                design.moves());
        ground.layAll();
        Passes passes = new Passes(ground.laid());
        List<Cookie.OnCookie> marks = ground.laid().stream()
                .map(one -> new Cookie.OnCookie(one.move(), passes.of(one), one.mark()))
                .toList();
        List<Cookie.Section> named = new ArrayList<>();
        sections.leaves()
                .forEach((name, region) -> named.add(
                        new Cookie.Section(name, coats.isCoated(name) ? coats.pass(name) : 0, region.inside())));
        return new Cookie(design, baked, iced, marks, named, passes.list(), Cautions.of(design, baked, ground, marks));
    }

    private Region baked(Design design) {
        try {
            return design.cutter()
                    .baked(design.spreadPercent() == null ? shop.spreadPercent() : design.spreadPercent());
        } catch (Refused refused) {
            throw refused.inside("cutter");
        } catch (TooMuch tooMuch) {
            throw new Refused("cutter", "The cutter: " + tooMuch.getMessage());
        }
    }

    private double marginMm(Design design) {
        return design.marginMm() == null ? shop.marginMm() : design.marginMm();
    }

    private Region iced(Design design, Region baked) {
        double marginMm = marginMm(design);
        Region iced = baked.inset(marginMm);
        if (iced.isEmpty()) {
            throw new Refused(
                    "marginMm",
                    "An edge margin of %s mm leaves no room for icing: this cookie is %.0f mm from edge to middle. Make the margin smaller or the cutter larger."
                            .formatted(Catalogue.plain(marginMm), baked.inscribedRadiusMm()));
        }
        return iced;
    }

    private static Sections sections(Design design, Region iced) {
        Sections sections = new Sections(iced);
        for (int i = 0; i < design.moves().size(); i++) {
            if (design.moves().get(i) instanceof Division division) {
                try {
                    sections.divide(division);
                } catch (Refused refused) {
                    throw refused.inside("moves[" + i + "]");
                } catch (TooMuch tooMuch) {
                    throw Ground.tooMuch(i, division, tooMuch);
                }
            }
        }
        return sections;
    }
}
