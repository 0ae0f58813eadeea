package kindthimble.app.bench;

import jakarta.annotation.Nullable;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.plan.PourView;
import kindthimble.app.tint.TintView;
import kindthimble.app.tint.Tinter;
import kindthimble.core.colour.Lab;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.Making;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;

/**
 * The mixing that an order drinks from, as the bench speaks of it.
 *
 * @param view null where nothing is mixed
 * @param tinter null as well
 * @param kitchen what it was planned with; null as well
 */
record BenchedMixing(
        @Nullable MixingView view,
        @Nullable Tinter tinter,
        @Nullable Kitchen kitchen) {
    List<MixingOrder.Step> steps() {
        return view == null ? List.of() : view.allSteps();
    }

    /** What is mixed: the plan, and its additions. */
    List<MixingView.Mixed> mixed() {
        return view == null ? List.of() : view.mixed();
    }

    private MixingView.Mixed mixed(MixingOrder.Step step) {
        return mixed().get(step.addition());
    }

    String name(String colour) {
        return colour(colour).map(PourView.BowlColour::name).orElse(colour);
    }

    String hex(String colour) {
        return colour(colour).map(PourView.BowlColour::hex).orElse("#888888");
    }

    private Optional<PourView.BowlColour> colour(String key) {
        return view == null
                ? Optional.empty()
                : view.names().stream().filter(one -> one.key().equals(key)).findFirst();
    }

    /** The bowl that a step is about; null for the base. */
    private Pour.Bowl bowl(MixingOrder.Step step) {
        return step.colour() == null
                ? null
                : mixed(step).pour().pour().bowls().stream()
                        .filter(bowl -> bowl.colour().equals(step.colour()))
                        .findFirst()
                        .orElse(null);
    }

    /** The portion of a bowl that a step is about; null for none. */
    Pour.Portion portion(MixingOrder.Step step) {
        Pour.Bowl bowl = bowl(step);
        return bowl == null || step.portion() < 0 ? null : bowl.portions().get(step.portion());
    }

    BenchView.Mixed of(MixingOrder.Step step) {
        Pour.Bowl bowl = bowl(step);
        Pour.Portion portion = portion(step);
        TintView tint =
                step.doing() == MixingOrder.Doing.TINT ? mixed(step).tints().get(step.colour()) : null;
        Pour.LetDown down = step.doing() == MixingOrder.Doing.LET_DOWN && bowl != null ? bowl.letDown() : null;
        boolean isThinned = step.doing() == MixingOrder.Doing.THIN;
        return new BenchView.Mixed(
                step.doing(),
                step.grams(),
                step.waterGrams(),
                step.sugarGrams(),
                step.sugarGrams() > 0 ? sugar() : "",
                isThinned ? baseInBowl(bowl, step.portion()) : step.grams(),
                portion == null ? 0 : portion.countSeconds(),
                portion == null ? null : portion.state(),
                tint == null ? null : tint.recipe(),
                tint == null ? null : tint.wanted(),
                tint == null || tint.recipe() == null ? List.of() : tinter.looks(tint.recipe(), step.grams()),
                tint == null ? null : nearest(step.colour()),
                down == null ? null : name(down.mother()),
                down == null ? 0 : down.motherGrams(),
                down == null ? 0 : down.whiteGrams(),
                portion == null ? 0 : portion.bags(),
                portion == null ? 0 : portion.gramsPerBag(),
                portion == null ? List.of() : portion.fillings(),
                portion == null ? 0 : portion.cutMm(),
                portion == null ? List.of() : portion.tips());
    }

    /** What the base is sweetened with, as the shelf has it. */
    private String sugar() {
        return kitchen == null
                ? ""
                : kitchen.recipe().ingredients().stream()
                        .filter(one -> one.role() == Ingredient.Part.SUGAR)
                        .map(Ingredient::name)
                        .findFirst()
                        .orElse("");
    }

    /** Name of the bowl whose colour is most like that of another one. */
    private String nearest(String key) {
        Lab own = Lab.ofHex(hex(key));
        return view.names().stream()
                .map(PourView.BowlColour::key)
                .filter(other -> !other.equals(key))
                .min(Comparator.comparingDouble(other -> Lab.ofHex(hex(other)).differenceTo(own)))
                .map(this::name)
                .orElse(null);
    }

    /** Base that is in the bowl when a portion is taken out: that of it, and of all that are thinner. */
    private static double baseInBowl(Pour.Bowl bowl, int portion) {
        List<Integer> taken = Ladder.of(bowl).stream().map(Ladder.Rung::portion).toList();
        return taken.subList(taken.indexOf(portion), taken.size()).stream()
                .mapToDouble(one -> bowl.portions().get(one).baseGrams())
                .sum();
    }

    /** How icing of a bag is made afresh; null where there is nothing to make it of. */
    BenchView.Making making(BenchedBags.Bag bag) {
        if (view == null || kitchen == null || view.pour().pour().batches().isEmpty()) {
            return null;
        }
        MixingView.Mixed mixed = mixed().get(bag.addition());
        Making made = Making.of(bag.bowl(), bag.of(), kitchen);
        Pour.Batch batch = view.pour().pour().batches().get(0);
        Pour.LetDown down = bag.bowl().letDown();
        TintView tint = mixed.tints().get(down == null ? bag.bowl().colour() : down.mother());
        // A light shade is a darker one in so much white: its gel is that one's, so much weaker.
        double share = down == null ? 1 : down.motherBaseGrams() / (down.motherBaseGrams() + down.whiteGrams());
        List<BenchView.Gelled> doses = tint == null || tint.recipe() == null
                ? List.of()
                : tint.recipe().doses().stream()
                        .map(dose -> new BenchView.Gelled(dose.gel(), dose.name(), dose.grams() / tint.grams() * share))
                        .toList();
        return new BenchView.Making(
                made.base(),
                made.water(),
                made.sugar(),
                made.gel(),
                sugar(),
                kitchen.mean(Habit.BOWL_KEEPS_GRAMS),
                batch.weighed().stream()
                        .map(one -> new BenchView.Line(
                                one.ingredient(), one.grams() / batch.madeGrams(), one.role() != Ingredient.Part.WATER))
                        .toList(),
                doses,
                down == null ? null : name(down.mother()),
                made.flavour(),
                bag.bowl().flavour() == null ? "" : bag.bowl().flavour().name());
    }

    /** What is weighed into the mixer, or into a bowl as its flavour. */
    List<BenchView.Line> weighed(MixingOrder.Step step) {
        return switch (step.doing()) {
            case MIX -> batch(step);
            case FLAVOUR -> List.of(new BenchView.Line(bowl(step).flavour().name(), step.grams(), true));
            default -> List.of();
        };
    }

    private List<BenchView.Line> batch(MixingOrder.Step step) {
        int nth = steps().stream()
                .filter(one -> one.doing() == MixingOrder.Doing.MIX && one.addition() == step.addition())
                .toList()
                .indexOf(step);
        return mixed(step).pour().pour().batches().get(nth).weighed().stream()
                .map(one -> new BenchView.Line(one.ingredient(), one.grams(), one.role() != Ingredient.Part.WATER))
                .toList();
    }
}
