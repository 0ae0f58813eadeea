package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;

/** What all coats have in common: one mark for each pass, outlines taken off, and what can go wrong with a coat. */
final class Spread {
    private Spread() {}

    static void over(
            Ground ground,
            Icing icing,
            double thicknessMm,
            double fullness,
            ToDoubleBiFunction<String, Region> fullMm3) {
        Set<String> names = ground.ownCoat();
        boolean second = names.stream().anyMatch(ground::isCoated);
        ground.coats().byPass(names).forEach((pass, own) -> {
            List<Region> regions = new ArrayList<>();
            double mm3 = 0;
            for (String section : own) {
                Region region = ground.region(section);
                regions.add(region);
                mm3 += Math.max(0, fullMm3.applyAsDouble(section, region) * fullness - ground.takeOutline(section));
                ground.coat(section, thicknessMm);
            }
            ground.place(pass, new Coat(icing, regions, thicknessMm, mm3));
        });
        if (names.isEmpty()) {
            ground.warn("Every section has a coat already, so this one covers nothing. Say on which sections it lies.");
        }
        if (second) {
            ground.warn("This is a second coat over the first: both are counted in full.");
        }
        if (thicknessMm * fullness > HouseDefaults.THICKEST_MM) {
            ground.warn("%.1f mm of wet icing is likely to run over the edge. Take a thinner count or less fullness."
                    .formatted(thicknessMm * fullness));
        }
        smallAreas(ground, names, icing.colour());
    }

    private static void smallAreas(Ground ground, Set<String> names, String colour) {
        double least = Double.MAX_VALUE;
        String smallest = "";
        for (String section : names) {
            if (ground.isSquiggled(section)) {
                continue;
            }
            double across = 2 * ground.region(section).widestRadiusUpTo(HouseDefaults.SMALL_AREA_MM / 2);
            if (across < least) {
                least = across;
                smallest = section;
            }
        }
        if (least < HouseDefaults.SMALL_AREA_MM) {
            String where = smallest.equals(Sections.WHOLE) ? "" : " in " + smallest;
            String on = smallest.equals(Sections.WHOLE) ? null : smallest;
            ground.warn(
                    "Only %s mm wide%s: it may crater. Pipe a squiggle first, or dry it under a fan."
                            .formatted(Catalogue.plain(Math.round(least * 10) / 10.0), where),
                    "Add a squiggle",
                    ground.before(new Squiggle(colour, on)));
        }
    }
}
