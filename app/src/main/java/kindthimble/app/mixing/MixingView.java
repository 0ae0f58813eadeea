package kindthimble.app.mixing;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kindthimble.app.order.Extra;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Frozen;
import kindthimble.app.plan.PourView;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.tint.TintView;
import kindthimble.core.pour.Joining;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Shopping;
import kindthimble.core.pour.TipUse;

/**
 * How an order is mixed: all that follows from its pour.
 *
 * @param revision of the order that it belongs to
 * @param pour what is mixed: the frozen plan once mixing has started
 * @param steps in order of work
 * @param minutes of hands, all of them
 * @param ladders of each bowl, by its key
 * @param tips of which there are too few, so that they go from bag to bag
 * @param tints of its bowls, by their keys
 * @param families light bowls worth letting down from a darker one
 * @param advice bowls worth joining
 * @param shopping what is needed, and what the shelf lacks of it
 * @param doughs of the orders that are mixed together, making by making
 * @param jars left-over icing that fits a bowl of this order
 * @param neighbours orders handed over within a week of this one
 * @param names of all bowls, those of additions and of what has changed with them
 * @param startedAt when mixing started; null when it has not
 * @param kept what the frozen plan came from; null when it has not started
 * @param additions what was mixed more since then, and last what is still to be
 * @param since what has come about since then; null when it has not started
 */
public record MixingView(
        long revision,
        PourView pour,
        List<MixingOrder.Step> steps,
        double minutes,
        Map<String, List<Ladder.Rung>> ladders,
        List<TipUse> tips,
        Map<String, TintView> tints,
        List<FamilyAdvice> families,
        List<Joining.Advice> advice,
        List<Shopping.ToBuy> shopping,
        List<DoughView> doughs,
        List<FittingJar> jars,
        List<Neighbour> neighbours,
        List<PourView.BowlColour> names,
        @Nullable Instant startedAt,
        @Nullable FrozenFrom kept,
        List<Addition> additions,
        @Nullable SinceBegun since) {

    /** All steps, those of additions after those of the plan. */
    public List<MixingOrder.Step> allSteps() {
        return Stream.concat(steps.stream(), additions.stream().flatMap(one -> one.steps().stream()))
                .toList();
    }

    /** All that is mixed: the plan, and its additions by their numbers. */
    public List<Mixed> mixed() {
        List<Mixed> mixed = new ArrayList<>();
        mixed.add(new Mixed(0, pour, tints));
        additions.forEach(one -> mixed.add(new Mixed(one.number(), one.pour(), one.tints())));
        return mixed;
    }

    /**
     * @param addition 0 for the plan; from 1 on which addition it is
     * @param pour what is mixed
     * @param tints of its bowls, by their keys
     */
    public record Mixed(int addition, PourView pour, Map<String, TintView> tints) {}

    /**
     * What is mixed more, as additions to bowls that were mixed.
     *
     * @param number from 1
     * @param isKept whether it is kept as it is, like the plan that was begun; else it follows the orders still
     * @param pour its bowls, bags and batches
     * @param steps in order of work
     * @param minutes of hands, all of them
     * @param ladders of each bowl, by its key
     * @param tints of its bowls, by their keys
     */
    public record Addition(
            int number,
            boolean isKept,
            PourView pour,
            List<MixingOrder.Step> steps,
            double minutes,
            Map<String, List<Ladder.Rung>> ladders,
            Map<String, TintView> tints) {}

    /**
     * What a plan came from when it was frozen.
     *
     * @param designs and how many cookies of each, in words
     * @param recipe name of the base
     * @param floodSeconds the order's flood; null for the shop's
     * @param extra how much was mixed beyond the cookies
     */
    public record FrozenFrom(
            List<String> designs, String recipe, @Nullable Double floodSeconds, Extra extra) {
        static FrozenFrom of(Frozen frozen) {
            OrderDetails leading = frozen.orders().get(0).details();
            return new FrozenFrom(
                    frozen.orders().stream()
                            .flatMap(order -> order.designs().stream())
                            .map(design ->
                                    design.count() + " " + design.document().name())
                            .toList(),
                    frozen.recipe().name(),
                    leading.floodSeconds(),
                    leading.extra());
        }
    }

    /**
     * A light bowl that is worth letting down.
     *
     * @param light its key
     * @param mother key of the darker bowl
     * @param share of its base that would come out of that
     * @param dry how it would look, {@code #RRGGBB}
     * @param deltaE how far that is from what is wanted, CIEDE2000
     * @param ownDeltaE how near its own tint comes
     * @param gelSavedGrams less gel; negative for more
     * @param minutesSaved of hands
     */
    public record FamilyAdvice(
            String light,
            String mother,
            double share,
            String dry,
            double deltaE,
            double ownDeltaE,
            double gelSavedGrams,
            double minutesSaved) {}

    /**
     * @param jar what is in it
     * @param bowl key of the colour that it has
     * @param taken whether it goes into this order
     */
    public record FittingJar(ShelfService.Jar jar, String bowl, boolean taken) {}

    /**
     * @param order its number
     * @param name of the order
     * @param handOver when it is fetched
     * @param mixed whether its icing is mixed together with this one's
     */
    public record Neighbour(long order, String name, LocalDateTime handOver, boolean mixed) {}
}
