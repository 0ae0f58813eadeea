package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleBiFunction;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;

/** What all coats have in common: one mark for each pass, outlines taken off. */
final class Covering {
    private Covering() {}

    /**
     * @param like what they are like, whatever it covers
     * @param fullness 0.9 lean, 1 even, 1.15 generous
     * @param marbled the colours that are run through it
     * @param icing of each of those
     * @param fullMm3 volume of a section's coat at fullness 1
     */
    static void over(
            Ground ground,
            Coat like,
            double fullness,
            Marbled marbled,
            Function<String, Icing> icing,
            ToDoubleBiFunction<String, Region> fullMm3) {
        Set<String> names = ground.ownCoat();
        for (var pass : ground.coats().byPass(names).entrySet()) {
            List<Region> regions = new ArrayList<>();
            double mm3 = 0;
            for (String section : pass.getValue()) {
                Region region = ground.region(section);
                regions.add(region);
                mm3 += Math.max(0, fullMm3.applyAsDouble(section, region) * fullness - ground.takeOutline(section));
                ground.coat(section, like.thicknessMm());
            }
            ground.place(pass.getKey(), pass.getValue(), like.over(regions, marbled.ownShare() * mm3));
            marbled.lay(ground, pass.getKey(), pass.getValue(), mm3, icing);
        }
    }
}
