package kindthimble.app.mixing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.DoughView;
import kindthimble.app.plan.Member;
import kindthimble.app.plan.PourView;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.habit.Habits;
import kindthimble.core.pour.Difference;
import kindthimble.core.pour.Packaging;
import kindthimble.core.pour.Pour;

/**
 * What has come about since mixing began: the one record of it, which every screen and every paper reads.
 *
 * @param begun what was begun, what was mixed more with it
 * @param now what all of it would be if it were planned now
 * @param more what is still to be mixed, made and bought for the difference
 * @param tooMuch what was begun and serves nobody
 * @param colours bowls of which it is not the same any more
 * @param toppedUp what was mixed at the bench for bags that would not have reached; it goes where the hand was fuller than planned, and counts for nothing else
 */
public record SinceBegun(
        Amounts begun,
        Amounts now,
        Amounts more,
        TooMuch tooMuch,
        List<Difference.OfColour> colours,
        List<ToppedUp> toppedUp) {

    /**
     * @param colour key of the bowl
     * @param grams of finished icing, of all that was topped up of it
     */
    public record ToppedUp(String colour, double grams) {}

    /** By the keys of bags, which begin with that of their bowl. */
    static List<ToppedUp> toppedUp(Collection<BenchEvent> pressed, Set<String> bowls) {
        Map<String, Double> grams = new LinkedHashMap<>();
        for (BenchEvent event : Happened.standing(pressed)) {
            bowls.stream()
                    .filter(bowl -> event.what() == BenchEvent.Pressed.ADDED
                            && event.words().startsWith(bowl + " "))
                    .max(Comparator.comparingInt(String::length))
                    .ifPresent(bowl -> grams.merge(bowl, event.amount(), Double::sum));
        }
        return grams.entrySet().stream()
                .map(one -> new ToppedUp(one.getKey(), one.getValue()))
                .toList();
    }

    /**
     * @param bowls how many
     * @param bags of all of them
     * @param batches of base
     * @param baseGrams weighed into the mixer
     * @param gelGrams dropped in
     * @param doughGrams that are made
     * @param boxes that it is handed over in
     */
    public record Amounts(
            int bowls, int bags, int batches, double baseGrams, double gelGrams, double doughGrams, int boxes) {
        static Amounts of(List<Pour> pours, double doughGrams, int boxes) {
            return new Amounts(
                    pours.stream().mapToInt(pour -> pour.bowls().size()).sum(),
                    pours.stream().mapToInt(Pour::bags).sum(),
                    pours.stream().mapToInt(pour -> pour.batches().size()).sum(),
                    pours.stream()
                            .flatMap(pour -> pour.batches().stream())
                            .mapToDouble(Pour.Batch::madeGrams)
                            .sum(),
                    pours.stream()
                            .mapToDouble(pour -> pour.balance().gelGrams())
                            .sum(),
                    doughGrams,
                    boxes);
        }
    }

    /**
     * @param doughGrams beyond what is wanted now, whole eggs and all
     * @param boxes that are not needed any more
     */
    public record TooMuch(double doughGrams, int boxes) {}

    /**
     * @param mixing with what is known of how it would be now
     * @param doughs of all its orders, making by making
     * @param wholeDoughs of all its orders, as they would be made now
     * @param orders that are mixed in it, as they are now
     * @param pressed at their benches
     */
    static SinceBegun of(
            BegunMixing mixing,
            List<DoughView> doughs,
            List<DoughView> wholeDoughs,
            List<Kept> orders,
            Habits habits,
            Collection<BenchEvent> pressed) {
        Map<Long, Integer> boxesBegun = new HashMap<>();
        mixing.frozen().orders().forEach(member -> boxesBegun.put(member.id(), boxes(member, habits)));
        int boxesNow = 0;
        int boxesMore = 0;
        int boxesTooMany = 0;
        for (Kept order : orders) {
            int before = boxesBegun.getOrDefault(order.id(), 0);
            int now = boxes(Member.of(order), habits);
            boxesNow += now;
            boxesMore += Math.max(0, now - before);
            boxesTooMany += Math.max(0, before - now);
        }
        double doughTooMuch = 0;
        for (DoughView whole : wholeDoughs) {
            double begun = grams(doughs.stream().filter(one -> one.order() == whole.order()), true);
            doughTooMuch += Math.max(0, begun - whole.dough().grams());
        }
        List<Pour> more = new ArrayList<>();
        if (mixing.more() != null) {
            more.add(mixing.more().pour().pour());
        }
        return new SinceBegun(
                Amounts.of(
                        mixing.frozen().begun(),
                        grams(doughs.stream(), true),
                        boxesBegun.values().stream().mapToInt(boxes -> boxes).sum()),
                Amounts.of(
                        List.of(mixing.now().view().pour()),
                        wholeDoughs.stream()
                                .mapToDouble(one -> one.dough().grams())
                                .sum(),
                        boxesNow),
                Amounts.of(more, grams(doughs.stream(), false), boxesMore),
                new TooMuch(doughTooMuch, boxesTooMany),
                mixing.difference().colours(),
                toppedUp(
                        pressed,
                        mixing.colours().stream().map(PourView.BowlColour::key).collect(Collectors.toSet())));
    }

    private static double grams(Stream<DoughView> doughs, boolean isBegun) {
        return doughs.filter(one -> one.isBegun() == isBegun)
                .mapToDouble(one -> one.dough().grams())
                .sum();
    }

    private static int boxes(Member order, Habits habits) {
        int cookies = order.designs().stream().mapToInt(Member.Counted::count).sum();
        return Packaging.of(cookies, 0, order.details().tied(), habits).boxes();
    }

    /** The same with other keys for its colours. */
    SinceBegun renamed(UnaryOperator<String> keys) {
        return new SinceBegun(
                begun,
                now,
                more,
                tooMuch,
                colours.stream()
                        .map(one -> new Difference.OfColour(
                                keys.apply(one.colour()),
                                one.gramsBegun(),
                                one.gramsNow(),
                                one.missingGrams(),
                                one.tooMuchGrams()))
                        .toList(),
                toppedUp.stream()
                        .map(one -> new ToppedUp(keys.apply(one.colour()), one.grams()))
                        .toList());
    }
}
