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
     * @param waterGrams stirred into all of it
     * @param takenGrams taken out then
     * @param sugarGrams sifted into what was taken out
     * @param portion index of the bowl's portion that it is
     */
    public record Rung(
            double countSeconds,
            Consistency.State state,
            double inBowlGrams,
            double waterGrams,
            double takenGrams,
            double sugarGrams,
            int portion) {}

    /**
     * @param bowl a bowl; water of jars that go into it is taken as already there
     * @return one step a portion; the water of all steps together is that of the portions
     */
    public static List<Rung> of(Pour.Bowl bowl) {
        List<Rung> steps = new ArrayList<>();
        double base =
                bowl.portions().stream().mapToDouble(Pour.Portion::baseGrams).sum();
        double inBowl = base
                + bowl.portions().stream().mapToDouble(Pour.Portion::gelGrams).sum();
        double reached = 0;
        for (int i = 0; i < bowl.portions().size(); i++) {
            Pour.Portion portion = bowl.portions().get(i);
            double wanted = portion.baseGrams() == 0 ? reached : portion.waterGrams() / portion.baseGrams();
            double water = Math.max(0, wanted - reached) * base;
            double taken = portion.baseGrams() + portion.waterGrams() + portion.gelGrams();
            steps.add(new Rung(portion.countSeconds(), portion.state(), inBowl, water, taken, portion.sugarGrams(), i));
            reached = Math.max(reached, wanted);
            inBowl += water - taken;
            base -= portion.baseGrams();
        }
        return steps;
    }
}
