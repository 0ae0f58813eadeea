package kindthimble.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Turn;
import kindthimble.core.move.Coats;
import kindthimble.core.move.Division;
import kindthimble.core.move.Ground;
import kindthimble.core.move.Move;
import kindthimble.core.move.Sections;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;

/** Measures designs: divides the cookie that their cutter gives, and lays their moves on it, one after the other. */
public final class Measuring {
    private final ShopSettings shop;
    private final double floodSeconds;

    /**
     * @param shop whose numbers stand in for what a design leaves open
     * @param floodSeconds the order's flood, 2 to 30
     */
    public Measuring(ShopSettings shop, double floodSeconds) {
        this.shop = shop;
        this.floodSeconds = floodSeconds;
    }

    /**
     * @throws Refused when a number is out of its range, or something does not fit
     */
    public Cookie measure(Design design) {
        design.check();
        Region baked = baked(design);
        Region iced = iced(design, baked);
        Sections sections = sections(design, iced);
        Coats coats = new Coats(design.moves(), sections);
        Ground ground = new Ground(iced, sections, coats, shop, floodSeconds);
        for (int i = 0; i < design.moves().size(); i++) {
            ground.lay(i, design.moves().get(i));
        }
        Passes passes = new Passes(ground.placed());
        List<Cookie.OnCookie> marks = ground.placed().stream()
                .map(placed -> new Cookie.OnCookie(placed.move(), passes.of(placed), placed.mark()))
                .toList();
        List<Cookie.Section> named = new ArrayList<>();
        sections.leaves()
                .forEach((name, region) -> named.add(
                        new Cookie.Section(name, coats.isCoated(name) ? coats.pass(name) : 0, region.inside())));
        return new Cookie(design, baked, iced, marks, named, passes.list(), cautions(design, ground, marks));
    }

    private Region baked(Design design) {
        try {
            return design.cutter()
                    .baked(design.spreadPercent() == null ? shop.spreadPercent() : design.spreadPercent());
        } catch (Refused refused) {
            throw refused.inside("cutter");
        }
    }

    private Region iced(Design design, Region baked) {
        double marginMm = design.marginMm() == null ? shop.marginMm() : design.marginMm();
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
                }
            }
        }
        return sections;
    }

    private static List<Cookie.Caution> cautions(Design design, Ground ground, List<Cookie.OnCookie> marks) {
        List<Cookie.Caution> cautions = new ArrayList<>();
        for (Ground.Warning warning : ground.warnings()) {
            List<Move> after =
                    warning.remedy() == null ? null : warning.remedy().apply(design.moves());
            cautions.add(new Cookie.Caution(warning.move(), warning.sentence(), warning.press(), after));
        }
        Map<Integer, Double> wet = new HashMap<>();
        Map<Integer, Double> hands = new HashMap<>();
        for (Cookie.OnCookie on : marks) {
            double seconds = on.mark().handSeconds() + (on.mark().icing() == null ? 0 : HouseDefaults.BAG_SECONDS);
            hands.merge(on.move(), seconds, Double::sum);
            if (on.mark().gate() == Gate.WET) {
                wet.merge(on.pass(), seconds, Double::sum);
            }
        }
        double all = hands.values().stream().mapToDouble(s -> s).sum();
        for (Cookie.OnCookie on : marks) {
            Double sinking = wet.get(on.pass());
            double limit = HouseDefaults.WET_WINDOW_SECONDS * HouseDefaults.SHARE_OF_WET_WINDOW;
            if (on.mark().turn() == Turn.COAT && on.mark().gate() == Gate.WET && sinking > limit) {
                wet.put(on.pass(), 0.0);
                cautions.add(new Cookie.Caution(
                        on.move(),
                        "What has to sink in takes %.0f s a cookie, and the coat takes it well for about %.0f s. Use fewer marks, or divide the cookie."
                                .formatted(sinking, limit),
                        null,
                        null));
            }
        }
        hands.forEach((move, seconds) -> {
            if (hands.size() > 2 && seconds > HouseDefaults.LARGE_SHARE_OF_HANDS * all) {
                cautions.add(new Cookie.Caution(
                        move,
                        "This move takes %.0f %% of the hands on this cookie. %s"
                                .formatted(
                                        100 * seconds / all,
                                        design.moves().get(move).easier()),
                        null,
                        null));
            }
        });
        return cautions;
    }
}
