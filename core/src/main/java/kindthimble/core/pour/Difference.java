package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Supply;

/**
 * What has come about since mixing began: begun is what was mixed, the plan that was kept and what was mixed more since; now is the plan as it follows from
 * the order as it is. What is missing is mixed more; what is there and serves nobody is too much. Of each colour, and each ingredient of the base:
 *
 * <pre>{@code begun + missing - too much = now}</pre>
 *
 * <p>in the base that cookies and spare take.
 *
 * @param colours those of which it is not the same any more
 * @param missing what the cookies still lack, their share of the spare with it
 * @param leftBaseGrams base that was made beyond what was wanted, and waits under its cover
 * @param flavours of the colours that have one now
 */
public record Difference(List<OfColour> colours, Demand missing, double leftBaseGrams, Map<String, Flavour> flavours) {
    private static final double LEAST_GRAMS = 0.5;

    public Difference {
        colours = List.copyOf(colours);
        flavours = Map.copyOf(flavours);
    }

    /**
     * @param colour its key
     * @param gramsBegun finished icing of it that cookies and spare were mixed, bags and bowls with what they keep
     * @param gramsNow the same as the order is now
     * @param missingGrams finished icing that cookies and spare lack
     * @param tooMuchGrams finished icing that was mixed and serves nobody
     */
    public record OfColour(
            String colour, double gramsBegun, double gramsNow, double missingGrams, double tooMuchGrams) {}

    /**
     * @param begun the plan when mixing started, and what was mixed more since; not empty
     * @param now the plan as it follows from the order now, with the numbers and the base that the first one was made with
     */
    public static Difference between(List<Pour> begun, Pour now) {
        Map<String, List<Pour.Portion>> had = new LinkedHashMap<>();
        Map<String, List<Pour.Portion>> tastesElse = new LinkedHashMap<>();
        Map<String, Flavour> flavours = now.flavours();
        Map<String, Double> finished = new LinkedHashMap<>();
        for (Pour pour : begun) {
            for (Pour.Bowl bowl : pour.bowls()) {
                boolean serves = Flavour.alike(bowl.flavour(), flavours.get(bowl.colour()));
                (serves ? had : tastesElse)
                        .computeIfAbsent(bowl.colour(), colour -> new ArrayList<>())
                        .addAll(bowl.portions());
                finished.merge(bowl.colour(), finished(bowl.portions()), Double::sum);
            }
        }
        Map<String, List<Pour.Portion>> wanted = new LinkedHashMap<>();
        now.bowls().forEach(bowl -> wanted.put(bowl.colour(), bowl.portions()));
        Set<String> keys = new LinkedHashSet<>(wanted.keySet());
        keys.addAll(had.keySet());
        keys.addAll(tastesElse.keySet());
        List<Demand.OfColour> missing = new ArrayList<>();
        List<OfColour> colours = new ArrayList<>();
        for (String colour : keys) {
            Served served = Served.of(had.getOrDefault(colour, List.of()), wanted.getOrDefault(colour, List.of()));
            if (!served.missing().isEmpty()) {
                missing.add(new Demand.OfColour(colour, 0, served.missing()));
            }
            double lacks =
                    served.missing().stream().mapToDouble(Demand.Portion::grams).sum();
            double tooMuch = served.tooMuchGrams()
                    + tastesElse.getOrDefault(colour, List.of()).stream()
                            .mapToDouble(Difference::wantedFinished)
                            .sum();
            if (lacks >= LEAST_GRAMS || tooMuch >= LEAST_GRAMS) {
                colours.add(new OfColour(
                        colour,
                        finished.getOrDefault(colour, 0.0),
                        finished(wanted.getOrDefault(colour, List.of())),
                        lacks,
                        tooMuch));
            }
        }
        return new Difference(colours, new Demand(0, 0, missing, moreSupplies(begun, now)), leftBase(begun), flavours);
    }

    /** Whether nothing has to be mixed or bought for what has changed. */
    public boolean isNothing() {
        return missing.colours().isEmpty() && missing.supplies().isEmpty();
    }

    /**
     * How what is missing is mixed, but for the gel: bags and bowls keep their share once more, each is tinted on its own, and base that was left over is
     * taken first.
     *
     * @param kitchen with the numbers of the plan that was begun
     */
    public Pouring pouring(Kitchen kitchen) {
        // The spare is in what is missing already.
        return new Pouring(
                        kitchen,
                        new Allowance.Flat(0),
                        new Pouring.Wishes(Set.of(), List.of(), Map.of(), Map.of(), flavours))
                .withBaseThere(leftBaseGrams);
    }

    private static double leftBase(List<Pour> begun) {
        return begun.stream()
                .mapToDouble(
                        pour -> pour.balance().surplusGrams() - pour.balance().leftBaseGrams())
                .sum();
    }

    private static List<Supply> moreSupplies(List<Pour> begun, Pour now) {
        List<Supply> more = new ArrayList<>();
        for (Supply wanted : now.supplies()) {
            double had = begun.stream()
                    .flatMap(pour -> pour.supplies().stream())
                    .filter(one -> one.sort().equals(wanted.sort()) && Objects.equals(one.colour(), wanted.colour()))
                    .mapToDouble(Supply::amount)
                    .sum();
            if (wanted.amount() > had + 1e-9) {
                more.add(new Supply(wanted.sort(), wanted.colour(), wanted.amount() - had));
            }
        }
        return more;
    }

    private static double finished(List<Pour.Portion> portions) {
        return portions.stream().mapToDouble(Pour.Portion::finishedGrams).sum();
    }

    private static double wantedFinished(Pour.Portion portion) {
        return portion.cookiesGrams() + portion.spareGrams();
    }

    /** The base in what cookies and spare take. */
    private static double wantedBase(Pour.Portion portion) {
        return wantedFinished(portion) * portion.baseGrams() / portion.finishedGrams();
    }

    /**
     * What one bowl's portions lack, each in the shares of those that drink from it now. What was mixed for a portion that is wanted no more
     * (another count, say) is not for nothing: water makes it thinner, so it serves what is thinner.
     */
    private record Served(List<Demand.Portion> missing, double tooMuchGrams) {
        static Served of(List<Pour.Portion> had, List<Pour.Portion> wanted) {
            double[] left = had.stream().mapToDouble(Difference::wantedBase).toArray();
            double[] lacks = wanted.stream().mapToDouble(Difference::wantedBase).toArray();
            serve(wanted, lacks, had, left, false);
            serve(wanted, lacks, had, left, true);
            List<Demand.Portion> missing = new ArrayList<>();
            for (int i = 0; i < lacks.length; i++) {
                Pour.Portion portion = wanted.get(i);
                double grams = lacks[i] * portion.finishedGrams() / portion.baseGrams();
                if (grams >= LEAST_GRAMS) {
                    missing.add(more(portion, grams));
                }
            }
            double tooMuch = 0;
            for (int k = 0; k < left.length; k++) {
                tooMuch += left[k] * had.get(k).finishedGrams() / had.get(k).baseGrams();
            }
            return new Served(missing, tooMuch);
        }

        private static Demand.Portion more(Pour.Portion portion, double grams) {
            double share = grams / portion.cookiesGrams();
            return new Demand.Portion(
                    new Consistency(portion.countSeconds()),
                    // A bottle stands in for a tipless bag.
                    portion.vessel() == Icing.Vessel.BOTTLE ? Icing.Vessel.BAG : portion.vessel(),
                    portion.tips(),
                    portion.drinks().stream().map(drink -> drink.times(share)).toList(),
                    portion.vessel() == Icing.Vessel.DIP_BOWL ? portion.dipBowls() : 0);
        }

        /** Serves portions out of what is there: what has their count, or what is stiffer. */
        private static void serve(
                List<Pour.Portion> wanted,
                double[] lacks,
                List<Pour.Portion> had,
                double[] left,
                boolean outOfStiffer) {
            for (int i = 0; i < lacks.length; i++) {
                for (int k = had.size() - 1; k >= 0; k--) {
                    double thinner = had.get(k).countSeconds() - wanted.get(i).countSeconds();
                    if (outOfStiffer ? thinner > 0 : Math.abs(thinner) <= Pouring.SAME_COUNT) {
                        double taken = Math.min(lacks[i], left[k]);
                        lacks[i] -= taken;
                        left[k] -= taken;
                    }
                }
            }
        }
    }
}
