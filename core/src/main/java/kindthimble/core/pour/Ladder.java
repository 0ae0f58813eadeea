package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.icing.Consistency;

/**
 * One bowl split step by step from stiff to thinnest: at each step water goes into all that is left, and a portion is taken out; so
 * nothing is ever too thin and has to be thickened again. What needs sugar instead is taken out first.
 */
public final class Ladder {
    private Ladder() {}

    /**
     * One step.
     *
     * @param countSeconds of what is taken out
     * @param state the same in words
     * @param inBowlGrams finished icing in the bowl before the step
     * @param jars left-over icing that goes into the bowl first; where sugar was sifted into it, into what was taken out
     * @param waterGrams stirred into all that is in the bowl then
     * @param takenGrams taken out then
     * @param sugarGrams sifted into what was taken out
     * @param portion index of the bowl's portion that it is
     */
    public record Rung(
            double countSeconds,
            Consistency.State state,
            double inBowlGrams,
            List<Pour.FromJar> jars,
            double waterGrams,
            double takenGrams,
            double sugarGrams,
            int portion) {
        public Rung {
            jars = List.copyOf(jars);
        }
    }

    /**
     * @param bowl a bowl
     * @return one step a portion. The water of all steps and of the jars together is that of the portions; so is the sugar; what is
     *     taken out, sugared and joined by a jar of its own count is what the portion's bags hold
     */
    public static List<Rung> of(Pour.Bowl bowl) {
        List<Rung> steps = new ArrayList<>();
        List<Pour.FromJar> waiting = new ArrayList<>(bowl.fromJars());
        double base =
                bowl.portions().stream().mapToDouble(Pour.Portion::baseGrams).sum()
                        - waiting.stream().mapToDouble(Pour.FromJar::baseGrams).sum();
        double inBowl = base * (1 + bowl.besideShare());
        double water = 0;
        for (int i = 0; i < bowl.portions().size(); i++) {
            Pour.Portion portion = bowl.portions().get(i);
            List<Pour.FromJar> jars = waiting.stream()
                    .filter(jar -> jar.countSeconds() >= portion.countSeconds() - Pouring.SAME_COUNT)
                    .toList();
            waiting.removeAll(jars);
            double before = inBowl;
            double fromOthers = 0;
            double sugar = portion.sugarGrams();
            for (Pour.FromJar jar : jars) {
                if (jar.sugarGrams() > 0) {
                    fromOthers += jar.baseGrams();
                    sugar -= jar.sugarGrams();
                } else {
                    base += jar.baseGrams();
                    water += jar.waterGrams();
                    inBowl += jar.grams();
                }
            }
            double takenBase = portion.baseGrams() - fromOthers;
            double wanted = portion.baseGrams() == 0 ? 0 : portion.waterGrams() / portion.baseGrams();
            double stirred = Math.max(0, wanted * base - water);
            double taken = takenBase * (1 + wanted + bowl.besideShare());
            steps.add(new Rung(
                    portion.countSeconds(), portion.state(), before, jars, stirred, taken, Math.max(0, sugar), i));
            inBowl += stirred - taken;
            water += stirred - takenBase * wanted;
            base -= takenBase;
        }
        return steps;
    }
}
