package kindthimble.app.tint;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.live.ShopMemory;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.colour.Lab;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Reach;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.TintRecipe;
import kindthimble.core.tint.Tinting;
import kindthimble.core.tint.WhiteIcing;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;

/** Recipes from the gels on the shelf. What was solved once is remembered until a gel changes. */
@Service
public class TintService {
    private static final int REMEMBERED = 4_000;
    private static final double MOST_GRAMS = 1_000_000;

    private final GelService gels;
    private final ShopService shop;
    private final RecipeService recipes;
    private final ShopMemory memory;

    private final Cache<Tinter.Asked, Tinting> solved =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();
    private final Cache<Shelf, List<Reach.Place>> reached =
            Caffeine.newBuilder().maximumSize(8).build();

    TintService(GelService gels, ShopService shop, RecipeService recipes, ShopMemory memory) {
        this.gels = gels;
        this.shop = shop;
        this.recipes = recipes;
        this.memory = memory;
    }

    private record Shelf(WhiteIcing white, List<Gel> gels) {}

    /** What there is to tint with. */
    private record Bottles(List<Gel> gels, Map<String, GelService.Bottle> byKey) {}

    /**
     * @param target {@code #RRGGBB}, dry
     * @param baseGrams of the bowl
     * @param gels keys of those that may be taken; null for all on the shelf
     * @param maxGels 1 to 3; null for 3
     */
    public record TintWanted(
            String target,
            double baseGrams,
            @Nullable List<String> gels,
            @Nullable Integer maxGels) {}

    /**
     * A recipe for a bowl.
     *
     * @param drops of each gel, the most first
     * @param predictedNow just mixed
     * @param predictedDry dried and rested for a day
     * @param predictedDryLab the same in L*, a*, b*, before anything is clipped to the screen
     * @param deltaE00 from the target to that
     * @param gelPercent of the base
     */
    public record Prediction(
            List<TintRecipe.Dose> drops,
            String predictedNow,
            String predictedDry,
            List<Double> predictedDryLab,
            double deltaE00,
            double gelPercent) {
        static Prediction of(TintRecipe recipe) {
            Lab dry = recipe.dry();
            return new Prediction(
                    recipe.doses(),
                    recipe.now().hex(),
                    dry.hex(),
                    List.of(dry.l(), dry.a(), dry.b()),
                    recipe.deltaE(),
                    recipe.gelPercent());
        }
    }

    /**
     * The recipe that is shown first, with what to know and others beside it.
     *
     * @param drops of each gel, the most first
     * @param predictedNow just mixed
     * @param predictedDry dried and rested for a day
     * @param predictedDryLab the same in L*, a*, b*, before anything is clipped to the screen
     * @param deltaE00 from the target to that
     * @param gelPercent of the base
     * @param notes what to know, or to do instead
     * @param alternatives the nearest of all first, where that is another one
     */
    public record Solved(
            List<TintRecipe.Dose> drops,
            String predictedNow,
            String predictedDry,
            List<Double> predictedDryLab,
            double deltaE00,
            double gelPercent,
            List<String> notes,
            List<Prediction> alternatives) {}

    /** Tints in the white of a base, with the gels as they are on the shelf now. */
    public Tinter with(Kitchen kitchen) {
        Bottles there = memory.of(Bottles.class, () -> new Bottles(orReference(gels.gels()), gels.bottles()));
        return new Tinter(WhiteIcing.of(kitchen.recipe()), there.gels(), there.byKey(), kitchen.habits(), solved);
    }

    /**
     * @throws Refused naming the field that is wrong
     */
    Solved solve(TintWanted wanted) {
        Lab.ofHex(wanted.target());
        if (!(wanted.baseGrams() > 0 && wanted.baseGrams() <= MOST_GRAMS)) {
            throw new Refused("baseGrams", "Write the grams of base in the bowl, more than 0 and up to 1,000,000.");
        }
        int most = wanted.maxGels() == null ? Tinter.MOST_GELS : wanted.maxGels();
        if (most < 1 || most > Tinter.MOST_GELS) {
            throw new Refused("maxGels", "A recipe takes one to three gels.");
        }
        List<Gel> shelf = gels.gels();
        List<String> notes = new ArrayList<>();
        List<Gel> taken = orReference(shelf);
        if (wanted.gels() != null && !wanted.gels().isEmpty()) {
            taken = wanted.gels().stream()
                    .distinct()
                    .map(key -> named(key, shelf))
                    .toList();
        } else if (shelf.isEmpty()) {
            notes.add(Tinter.STAND_IN);
        }
        Tinter tinter = new Tinter(
                WhiteIcing.of(base()), taken, gels.bottles(), shop.settings().habits(), solved);
        Tinting tinting = tinter.solve(wanted.target().toUpperCase(Locale.ROOT), wanted.baseGrams(), most);
        tinting.hints().forEach(hint -> notes.add(hint.sentence()));
        Prediction first = Prediction.of(tinting.recipe());
        return new Solved(
                first.drops(),
                first.predictedNow(),
                first.predictedDry(),
                first.predictedDryLab(),
                first.deltaE00(),
                first.gelPercent(),
                notes,
                tinting.alternatives().stream().map(Prediction::of).toList());
    }

    /** What the shelf can reach, place by place on three wheels. */
    List<ReachPlace> reach() {
        Shelf shelf = new Shelf(WhiteIcing.of(base()), orReference(gels.gels()));
        return reached.get(shelf, s -> Reach.of(s.white(), s.gels())).stream()
                .map(place -> new ReachPlace(
                        place.hue(),
                        place.ring(),
                        place.vividness(),
                        place.colour().hex()))
                .toList();
    }

    /**
     * A place on the wheel of what the shelf can reach.
     *
     * @param hue 0 to 23, going round
     * @param ring 0 to 5, the lightest first
     * @param vividness of the three wheels
     * @param hex {@code #RRGGBB}
     */
    public record ReachPlace(int hue, int ring, Reach.Vividness vividness, String hex) {}

    private BaseRecipe base() {
        return recipes.recipe(shop.settings().recipe());
    }

    private static Gel named(String key, List<Gel> shelf) {
        return shelf.stream()
                .filter(gel -> gel.key().equals(key))
                .findFirst()
                .or(() -> ReferenceGels.find(key))
                .orElseThrow(() -> new Refused(
                        "gels",
                        "There is no gel called %s, neither on the shelf nor among the reference gels."
                                .formatted(key)));
    }

    /** An empty shelf is taken for one with the reference gels, so that a new shop sees recipes. */
    private static List<Gel> orReference(List<Gel> shelf) {
        return shelf.isEmpty()
                ? ReferenceGels.ALL.stream()
                        .sorted(Comparator.comparing(Gel::key))
                        .filter(gel -> !gel.dyes().isEmpty())
                        .toList()
                : shelf;
    }
}
