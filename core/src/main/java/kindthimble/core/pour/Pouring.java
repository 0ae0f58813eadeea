package kindthimble.core.pour;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;

/**
 * From demand to bowls, bags and batches.
 *
 * <p>A bag's finished icing is what the cookies take, its share of the spare (by grams) and what the bag keeps; the base in it is
 * {@code finished / (1 + w/100)}. A bowl is the base of its bags and what the bowl keeps; the base to make is the sum of the
 * bowls, in equal batches, each of which also leaves its rest in the mixer.
 */
public final class Pouring {
    private final ShopSettings shop;
    private final BaseRecipe recipe;
    private final Allowance allowance;
    private final Spare spare;

    public Pouring(ShopSettings shop, BaseRecipe recipe, Allowance allowance) {
        this.shop = shop;
        this.recipe = recipe;
        this.allowance = allowance;
        this.spare = new Spare(shop);
    }

    /** The whole pour; empty lists when nothing is wanted. */
    public Pour of(Demand demand) {
        List<Pour.Bowl> bowls =
                demand.colours().stream().map(colour -> bowl(colour, demand)).toList();
        double baseGrams = bowls.stream().mapToDouble(Pour.Bowl::baseGrams).sum();
        Batches batches = Batches.of(baseGrams, shop, recipe);
        double allEnough = bowls.stream().mapToDouble(bowl -> 1 - bowl.risk()).reduce(1, (a, b) -> a * b);
        return new Pour(
                demand.cookies(),
                demand.spares(),
                1 - allEnough,
                bowls,
                batches.list(),
                batches.caution(),
                balance(bowls, batches));
    }

    private Pour.Bowl bowl(Demand.OfColour colour, Demand demand) {
        double spareGrams = allowance.grams(colour, demand.colours().size(), spare);
        List<Pour.Portion> portions = new ArrayList<>();
        for (Demand.Portion portion : colour.portions()) {
            portions.add(portion(portion, spareGrams * portion.grams() / colour.grams()));
        }
        double base = portions.stream().mapToDouble(Pour.Portion::baseGrams).sum();
        return new Pour.Bowl(
                colour.colour(),
                base + shop.bowlKeepsGrams(),
                colour.grams(),
                spare.sigmaGrams(colour),
                spareGrams,
                spare.riskLeft(colour, spareGrams),
                shop.bowlKeepsGrams(),
                portions);
    }

    private Pour.Portion portion(Demand.Portion portion, double spareGrams) {
        double keptInEach = keptInEach(portion);
        double wanted = portion.grams() + spareGrams;
        int bags = fillings(portion.vessel(), wanted, keptInEach);
        double finished = wanted + bags * keptInEach;
        double base = recipe.curve().waterPer100Base(portion.consistency()).baseIn(finished);
        return new Pour.Portion(
                portion.consistency().countSeconds(),
                portion.consistency().state(),
                portion.vessel(),
                portion.grams(),
                spareGrams,
                bags * keptInEach,
                base,
                finished - base,
                bags,
                finished / bags,
                portion.tips(),
                portion.drinks());
    }

    private double keptInEach(Demand.Portion portion) {
        return switch (portion.vessel()) {
            case BAG -> portion.tips().isEmpty() ? shop.tiplessBagKeepsGrams() : shop.tippedBagKeepsGrams();
            case DIP_BOWL -> shop.dipBowlKeepsGrams();
            case SCRAPER, SPATULA -> shop.scraperKeepsGrams();
        };
    }

    /** Bags filled, or loads of the scraper; one bowl for dipping or for the spatula holds all. */
    private int fillings(Icing.Vessel vessel, double wantedGrams, double keptInEach) {
        double most = switch (vessel) {
            case BAG -> shop.bagFillGrams() - keptInEach;
            case SCRAPER -> HouseDefaults.SCRAPER_LOAD_GRAMS;
            case DIP_BOWL, SPATULA -> Double.POSITIVE_INFINITY;
        };
        return (int) Math.max(1, Math.ceil(wantedGrams / most - 1e-9));
    }

    private Pour.Balance balance(List<Pour.Bowl> bowls, Batches batches) {
        double water = 0;
        double cookies = 0;
        double spareSum = 0;
        double bags = 0;
        double bowlsKeep = 0;
        for (Pour.Bowl bowl : bowls) {
            bowlsKeep += bowl.keptGrams();
            for (Pour.Portion portion : bowl.portions()) {
                water += portion.waterGrams();
                cookies += portion.cookiesGrams();
                spareSum += portion.spareGrams();
                bags += portion.keptGrams();
            }
        }
        return new Pour.Balance(
                batches.list().stream().mapToDouble(Pour.Batch::madeGrams).sum(),
                water,
                cookies,
                spareSum,
                bags,
                bowlsKeep,
                batches.list().size() * shop.mixerKeepsGrams(),
                batches.surplusGrams());
    }
}
