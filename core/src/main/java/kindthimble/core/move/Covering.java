package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleBiFunction;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Coat;

/** What all coats have in common: one mark for each pass, outlines taken off. */
final class Covering {
    private Covering() {}

    /**
     * @param like what they are like, whatever it covers
     * @param fullness 0.9 lean, 1 even, 1.15 generous
     * @param ownShare share of what goes on that is of the coat's own colour, over 0; the rest is run through it
     * @param fullMm3 volume of a section's coat at fullness 1
     * @return what goes on of all colours, in mm3
     */
    static double over(
            Ground ground, Coat like, double fullness, double ownShare, ToDoubleBiFunction<String, Region> fullMm3) {
        Set<String> names = ground.ownCoat();
        double all = 0;
        for (var pass : ground.coats().byPass(names).entrySet()) {
            List<Region> regions = new ArrayList<>();
            double mm3 = 0;
            for (String section : pass.getValue()) {
                Region region = ground.region(section);
                regions.add(region);
                mm3 += Math.max(0, fullMm3.applyAsDouble(section, region) * fullness - ground.takeOutline(section));
                ground.coat(section, like.thicknessMm());
            }
            ground.place(pass.getKey(), pass.getValue(), like.over(regions, ownShare * mm3));
            all += mm3;
        }
        return all;
    }
}
