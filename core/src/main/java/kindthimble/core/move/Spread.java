package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.words.Range;

/** What all coats have in common: one mark for each pass, outlines taken off, and what can go wrong with a coat. */
final class Spread {
    private Spread() {}

    /**
     * @param fullness 0.9 lean, 1 even, 1.15 generous
     * @param fullMm3 volume of a section's coat at fullness 1
     * @return what goes on in mm3
     */
    static double over(
            Ground ground,
            Icing icing,
            double thicknessMm,
            double fullness,
            ToDoubleBiFunction<String, Region> fullMm3) {
        Set<String> names = ground.ownCoat();
        boolean second = names.stream().anyMatch(ground::isCoated);
        double all = 0;
        for (var pass : ground.coats().byPass(names).entrySet()) {
            List<Region> regions = new ArrayList<>();
            double mm3 = 0;
            for (String section : pass.getValue()) {
                Region region = ground.region(section);
                regions.add(region);
                mm3 += Math.max(0, fullMm3.applyAsDouble(section, region) * fullness - ground.takeOutline(section));
                ground.coat(section, icing.colour(), thicknessMm);
            }
            ground.place(pass.getKey(), new Coat(icing, regions, thicknessMm, mm3));
            all += mm3;
        }
        if (names.isEmpty()) {
            ground.warn(
                    "Every section has a coat already, so this one covers nothing. Say on which sections it lies.",
                    ground.whole(),
                    Remedy.replaced("Take it out", ground.here(), move -> List.of()));
        }
        if (second) {
            ground.warn("This is a second coat over the first: both are counted in full.", ground.region(names));
        }
        smallAreas(ground, names, icing.colour());
        return all;
    }

    private static void smallAreas(Ground ground, Set<String> names, String colour) {
        double least = Double.MAX_VALUE;
        String smallest = "";
        for (String section : names) {
            if (ground.isSquiggled(section)) {
                continue;
            }
            Region wet = ground.coats().wetWith(section, ground.region(section));
            double across = 2 * wet.widestRadiusUpTo(ground.mean(Habit.SMALL_AREA_MM) / 2);
            if (across < least) {
                least = across;
                smallest = section;
            }
        }
        if (least < ground.mean(Habit.FINEST_PART_MM)) {
            ground.warn(
                    "Only %s mm wide%s: a part so fine can't be flooded. Draw it with a line, or make the cookie larger."
                            .formatted(tenths(least), in(smallest)),
                    ground.region(smallest));
        } else if (least < ground.mean(Habit.SMALL_AREA_MM)) {
            ground.warn(
                    "Only %s mm wide%s: it may crater. Pipe a squiggle first, or dry it under a fan."
                            .formatted(tenths(least), in(smallest)),
                    ground.region(smallest),
                    Remedy.before(
                            "Add a squiggle",
                            ground.here(),
                            new Squiggle(colour, smallest.equals(Sections.WHOLE) ? null : smallest)));
        }
    }

    private static String in(String section) {
        return section.equals(Sections.WHOLE) ? "" : " in " + section;
    }

    private static String tenths(double mm) {
        return Range.plain(Math.round(mm * 10) / 10.0);
    }
}
