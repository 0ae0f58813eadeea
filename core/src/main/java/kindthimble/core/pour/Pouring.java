package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Consistency;
import kindthimble.core.icing.Flavour;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.tint.Gel;

/**
 * From demand to bowls, bags and batches.
 *
 * <p>A bag's finished icing is what the cookies take, its share of the spare (by grams) and what the bag keeps; the base in it is
 * {@code finished / (1 + w/100)}, or {@code finished / (1 + s/100)} where sugar goes in instead; gel and flavour count with their own mass, and
 * their water as water. A bowl is the base of its bags and what the bowl keeps; the base to make is the sum of the
 * bowls, in equal batches, each of which also leaves its rest in the mixer.
 */
public final class Pouring {
    static final double SAME_COUNT = 1e-9;

    private final Kitchen kitchen;
    private final ShopSettings shop;
    private final BaseRecipe recipe;
    private final Allowance allowance;
    private final Wishes wishes;
    private final double baseThere;

    /** Of the demand that was asked for last; gels change nothing of it. */
    private Allowed allowed;

    /** What is mixed beyond what the cookies take. */
    private record Allowed(Demand demand, Spare spare, double[] grams, double risk) {}

    /**
     * What an order asks of its bowls beyond the school.
     *
     * @param apart keys of colours that must not run out
     * @param jars left-over icing that goes into bowls
     * @param gelShares grams of gel to a gram of base, of each colour that is tinted on its own; 0 for one that stays white
     * @param letDowns light colours that come out of a darker bowl
     * @param flavours of the colours that have one; such a bowl is nobody's mother and is not let down
     */
    public record Wishes(
            Set<String> apart,
            List<Jar> jars,
            Map<String, Double> gelShares,
            Map<String, LetDown> letDowns,
            Map<String, Flavour> flavours) {
        public static final Wishes NONE = new Wishes(Set.of(), List.of());

        public Wishes {
            apart = Set.copyOf(apart);
            jars = List.copyOf(jars);
            gelShares = Map.copyOf(gelShares);
            letDowns = Map.copyOf(letDowns);
            flavours = Map.copyOf(flavours);
        }

        /** Nothing is known of the gels, or they are too little to matter. */
        public Wishes(Set<String> apart, List<Jar> jars) {
            this(apart, jars, Map.of(), Map.of(), Map.of());
        }

        private Wishes withGel(Map<String, Double> shares) {
            return new Wishes(apart, jars, shares, letDowns, flavours);
        }
    }

    /**
     * A light colour is so much of a darker one, and white.
     *
     * @param mother key of the darker colour
     * @param share of its base that comes tinted out of the darker bowl, over 0 and under 1
     */
    public record LetDown(String mother, double share) {}

    public Pouring(Kitchen kitchen, Allowance allowance) {
        this(kitchen, allowance, Wishes.NONE);
    }

    public Pouring(Kitchen kitchen, Allowance allowance, Wishes wishes) {
        this(kitchen, allowance, wishes, 0);
    }

    private Pouring(Kitchen kitchen, Allowance allowance, Wishes wishes, double baseThere) {
        this.baseThere = baseThere;
        this.kitchen = kitchen;
        this.shop = kitchen.shop();
        this.recipe = kitchen.recipe();
        this.allowance = allowance;
        this.wishes = wishes;
    }

    /** Whether gel brings a colour about: not where its flavour does. */
    public boolean isTinted(String colour) {
        return Flavour.leavesTint(wishes.flavours().get(colour));
    }

    /** The same pouring with other gels. */
    public Pouring withGel(Map<String, Double> gelShares) {
        Pouring other = new Pouring(kitchen, allowance, wishes.withGel(gelShares), baseThere);
        other.allowed = allowed;
        return other;
    }

    /**
     * The same pouring where base is there already that is taken first.
     *
     * @param grams of it, at least 0
     */
    Pouring withBaseThere(double grams) {
        return new Pouring(kitchen, allowance, wishes, Math.max(0, grams));
    }

    /**
     * The whole pour; empty lists when nothing is wanted.
     *
     * @throws kindthimble.core.words.Refused when the base can't be brought to a consistency that is wanted
     */
    public Pour of(Demand demand) {
        Bags bags = new Bags(kitchen.habits(), demand);
        Families families = new Families(demand, wishes);
        if (allowed == null || allowed.demand() != demand) {
            allowed = allowed(demand);
        }
        List<Pour.Bowl> own = new ArrayList<>();
        for (int i = 0; i < allowed.grams().length; i++) {
            Demand.OfColour colour = demand.colours().get(i);
            own.add(bowl(colour, allowed.grams()[i], allowed.spare(), bags, beside(families, colour.colour())));
        }
        List<Pour.Bowl> bowls = families.shared(own);
        double baseGrams = bowls.stream().mapToDouble(Pour.Bowl::mixedGrams).sum();
        double there = Math.min(baseThere, baseGrams);
        Batches batches = Batches.of(baseGrams - there, kitchen);
        return new Pour(
                demand.cookies(),
                demand.spares(),
                allowed.risk(),
                bowls,
                batches.list(),
                batches.caution(),
                balance(bowls, batches, there),
                demand.supplies());
    }

    private Allowed allowed(Demand demand) {
        Spare spare = new Spare(kitchen.habits(), demand);
        double[] grams = allowance.grams(demand, spare);
        for (int i = 0; i < grams.length; i++) {
            Demand.OfColour colour = demand.colours().get(i);
            if (wishes.apart().contains(colour.colour())) {
                grams[i] = Math.max(grams[i], spare.gramsAtRisk(colour, shop.mean(Habit.RISK_SET_APART)));
            }
        }
        return new Allowed(demand, spare, grams, spare.riskOfOrder(grams));
    }

    private Pour.Bowl bowl(Demand.OfColour colour, double spareGrams, Spare spare, Bags bags, Beside beside) {
        List<Pour.Portion> portions = new ArrayList<>();
        for (Demand.Portion portion : colour.portions()) {
            portions.add(portion(portion, spareGrams * portion.grams() / colour.grams(), bags, beside));
        }
        double base = portions.stream().mapToDouble(Pour.Portion::baseGrams).sum()
                + shop.mean(Habit.BOWL_KEEPS_GRAMS) / (1 + beside.share());
        List<Pour.FromJar> fromJars = fromJars(colour.colour(), portions, beside);
        double mixed =
                base - fromJars.stream().mapToDouble(Pour.FromJar::baseGrams).sum();
        return new Pour.Bowl(
                colour.colour(),
                base,
                mixed,
                0,
                null,
                beside.gel(),
                beside.gel() * mixed,
                beside.flavour(),
                Flavour.shareOf(beside.flavour()) * mixed,
                wishes.gelShares().getOrDefault(colour.colour(), 1.0) == 0,
                colour.grams(),
                spare.sigmaGrams(colour),
                spareGrams,
                spare.riskLeft(colour, spareGrams),
                shop.mean(Habit.BOWL_KEEPS_GRAMS),
                fromJars,
                portions);
    }

    /**
     * What jars give to a bowl. Icing of a jar can only be thinned, so it serves the portions that are no stiffer (one that sugar went
     * into, those of its own count), and the bowl's water and gel are less by what the jar's icing holds already; the same with flavour.
     */
    private List<Pour.FromJar> fromJars(String colour, List<Pour.Portion> portions, Beside beside) {
        List<Pour.FromJar> given = new ArrayList<>();
        double[] lacks = portions.stream().mapToDouble(Pour.Portion::baseGrams).toArray();
        for (Jar jar : wishes.jars()) {
            if (!jar.colour().equals(colour)) {
                continue;
            }
            Stirred stirred = stirred(new Consistency(jar.countSeconds()), beside);
            double left = jar.grams() / stirred.finished();
            double used = 0;
            // Stiffest first: what is thinner may still be served by a thinner jar.
            for (int i = 0; i < lacks.length; i++) {
                double thinner = jar.countSeconds() - portions.get(i).countSeconds();
                if (thinner >= -SAME_COUNT && (stirred.sugar() == 0 || thinner <= SAME_COUNT)) {
                    double taken = Math.min(left, lacks[i]);
                    lacks[i] -= taken;
                    left -= taken;
                    used += taken;
                }
            }
            if (used > 0) {
                given.add(new Pour.FromJar(
                        jar.id(),
                        jar.countSeconds(),
                        used * stirred.finished(),
                        used,
                        used * stirred.water(),
                        used * stirred.sugar(),
                        used * beside.gel(),
                        used * Flavour.shareOf(beside.flavour())));
            }
        }
        return given;
    }

    private Pour.Portion portion(Demand.Portion portion, double spareGrams, Bags bags, Beside beside) {
        Bags.Fill fill = bags.fill(portion, portion.grams() + spareGrams);
        double finished = portion.grams() + spareGrams + fill.keptGrams();
        Stirred stirred = stirred(portion.consistency(), beside);
        double base = finished / stirred.finished();
        return new Pour.Portion(
                portion.consistency().countSeconds(),
                portion.consistency().state(),
                fill.vessel(),
                portion.grams(),
                spareGrams,
                fill.keptGrams(),
                base,
                base * stirred.water(),
                base * stirred.sugar(),
                base * beside.gel(),
                base * Flavour.shareOf(beside.flavour()),
                fill.bags(),
                finished / fill.bags(),
                fill.large(),
                fill.coupler(),
                fill.cutMm(),
                portion.tips(),
                portion.drinks(),
                portion.dipBowls());
    }

    /**
     * What goes into a bowl beside water and sugar.
     *
     * @param gel grams to a gram of base
     * @param flavour or null
     */
    private record Beside(double gel, Flavour flavour) {
        double share() {
            return gel + Flavour.shareOf(flavour);
        }

        double waterShare() {
            return Gel.WATER_SHARE * gel + (flavour == null ? 0 : flavour.waterShare());
        }

        double dryShare() {
            return flavour == null ? 0 : flavour.dryShare();
        }
    }

    private Beside beside(Families families, String colour) {
        return new Beside(families.gelShare(colour), wishes.flavours().get(colour));
    }

    /**
     * What goes into a gram of base.
     *
     * @param water stirred in
     * @param sugar sifted in
     * @param finished icing that comes of it
     */
    private record Stirred(double water, double sugar, double finished) {}

    /** A gel is mostly water, so that less is stirred in; where it brings more than is wanted, sugar makes up for that. A dry flavour asks for more. */
    private Stirred stirred(Consistency consistency, Beside beside) {
        BaseRecipe.Change change = recipe.to(consistency, 100 * beside.waterShare(), 100 * beside.dryShare());
        double water = change.waterGrams() / 100;
        double sugar = change.sugarGrams() / 100;
        return new Stirred(water, sugar, 1 + water + sugar + beside.share());
    }

    private Pour.Balance balance(List<Pour.Bowl> bowls, Batches batches, double leftBase) {
        double water = 0;
        double sugar = 0;
        double gel = 0;
        double flavour = 0;
        double jars = 0;
        double cookies = 0;
        double spareSum = 0;
        double bags = 0;
        double bowlsKeep = 0;
        for (Pour.Bowl bowl : bowls) {
            bowlsKeep += bowl.keptGrams();
            gel += bowl.gelGrams();
            flavour += bowl.flavourGrams();
            for (Pour.Portion portion : bowl.portions()) {
                water += portion.waterGrams();
                sugar += portion.sugarGrams();
                cookies += portion.cookiesGrams();
                spareSum += portion.spareGrams();
                bags += portion.keptGrams();
            }
            for (Pour.FromJar jar : bowl.fromJars()) {
                jars += jar.grams();
                water -= jar.waterGrams();
                sugar -= jar.sugarGrams();
            }
        }
        return new Pour.Balance(
                batches.list().stream().mapToDouble(Pour.Batch::madeGrams).sum(),
                water,
                sugar,
                gel,
                flavour,
                jars,
                leftBase,
                cookies,
                spareSum,
                bags,
                bowlsKeep,
                batches.list().size() * shop.mean(Habit.MIXER_KEEPS_GRAMS),
                batches.surplusGrams());
    }
}
