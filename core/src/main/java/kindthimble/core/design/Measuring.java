package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Mark;
import kindthimble.core.move.Ground;
import kindthimble.core.move.Laid;
import kindthimble.core.shop.ShopSettings;

/** Measures designs: lays their moves, one after the other, on the cookie that their cutter gives. */
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
        double marginMm = design.marginMm() == null ? shop.marginMm() : design.marginMm();
        Region iced = baked.inset(marginMm);
        if (iced.isEmpty()) {
            throw new Refused(
                    "marginMm",
                    "An edge margin of %s mm leaves no room for icing: this cookie is %.0f mm from edge to middle. Make the margin smaller or the cutter larger."
                            .formatted(Catalogue.plain(marginMm), baked.inscribedRadiusMm()));
        }
        List<Mark> marks = new ArrayList<>();
        List<Cookie.Caution> cautions = new ArrayList<>();
        Ground ground = Ground.bare(iced, shop, floodSeconds);
        for (int i = 0; i < design.moves().size(); i++) {
            int move = i;
            Laid laid = lay(design, move, ground);
            marks.add(laid.mark());
            laid.cautions().forEach(sentence -> cautions.add(new Cookie.Caution(move, sentence)));
            ground = laid.after();
        }
        return new Cookie(design, baked, iced, marks, cautions);
    }

    private Region baked(Design design) {
        try {
            return design.cutter()
                    .baked(design.spreadPercent() == null ? shop.spreadPercent() : design.spreadPercent());
        } catch (Refused refused) {
            throw refused.inside("cutter");
        }
    }

    private static Laid lay(Design design, int move, Ground ground) {
        try {
            return design.moves().get(move).lay(ground);
        } catch (Refused refused) {
            throw refused.inside("moves[" + move + "]");
        }
    }
}
