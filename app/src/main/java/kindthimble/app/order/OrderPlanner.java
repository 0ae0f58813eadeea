package kindthimble.app.order;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import kindthimble.app.bowls.PourView;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.cookie.Kitchen;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.TintService;
import kindthimble.app.tint.Tinter;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Design;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.ShopSettings;
import org.springframework.stereotype.Component;

/**
 * Works out what follows from an order: each design measured, and the pour of all of them, together with the orders that are mixed
 * with it. Nothing of it is stored.
 */
@Component
class OrderPlanner {
    /** Colours of two orders nearer than this are one bowl. */
    private static final double SAME_DELTA_E = 1;

    private final DesignRepository designs;
    private final OrderRepository orders;
    private final ShopService shop;
    private final RecipeService recipes;
    private final ShelfService shelf;
    private final CookieService cookies;
    private final TintService tints;

    OrderPlanner(
            DesignRepository designs,
            OrderRepository orders,
            ShopService shop,
            RecipeService recipes,
            ShelfService shelf,
            CookieService cookies,
            TintService tints) {
        this.designs = designs;
        this.orders = orders;
        this.shop = shop;
        this.recipes = recipes;
        this.shelf = shelf;
        this.cookies = cookies;
        this.tints = tints;
    }

    /** The base of an order: its own, or the shop's. */
    BaseRecipe recipe(OrderDetails details) {
        return recipes.recipe(details.recipe() == null ? shop.settings().recipe() : details.recipe());
    }

    Kitchen kitchen(OrderDetails details) {
        return Kitchen.of(shop.settings(), recipe(details), details.floodSeconds(), details.looks(), details.filling());
    }

    DesignView view(DesignEntity design, Kitchen kitchen) {
        try {
            return new DesignView(
                    design.id(),
                    design.version(),
                    design.count(),
                    design.document(),
                    cookies.view(design.document(), kitchen),
                    null);
        } catch (Refused refused) {
            return new DesignView(
                    design.id(), design.version(), design.count(), design.document(), null, refused.getMessage());
        }
    }

    /** The plan of an order; why there is none where it can't be worked out. */
    PlanView plan(OrderEntity order) {
        try {
            return new PlanView(pour(order, UnaryOperator.identity()), null);
        } catch (Refused refused) {
            return new PlanView(null, refused.getMessage());
        }
    }

    /**
     * The pour of an order.
     *
     * @param joined given the key of a bowl, that of the bowl which would take its place
     * @throws Refused when it can't be worked out
     */
    PourView pour(OrderEntity order, UnaryOperator<String> joined) {
        OrderDetails details = order.details();
        BaseRecipe recipe = recipe(details);
        ShopSettings settings = shop.settings();
        Together together = together(order, details, settings, recipe);
        Set<String> apart = details.palette().stream()
                .filter(PaletteColour::isApart)
                .map(PaletteColour::key)
                .collect(Collectors.toSet());
        Tinter tinter = tints.with(recipe);
        Map<String, Double> gelShares = new HashMap<>();
        together.colours.forEach((key, colour) -> gelShares.put(key, tinter.gelShare(colour.hex())));
        Map<String, Pouring.LetDown> letDowns = new HashMap<>();
        together.letDowns.forEach((light, mother) -> letDowns.put(
                light,
                new Pouring.LetDown(
                        mother,
                        tinter.shade(
                                        together.colours.get(light).hex(),
                                        together.colours.get(mother).hex())
                                .share())));
        Pouring.Wishes wishes =
                new Pouring.Wishes(apart, jars(order.id(), recipe, together.looks()), gelShares, letDowns);
        Pour pour = new Pouring(settings, recipe, details.extra().allowance(), wishes)
                .of(new Tally(recipe, settings.breakagePercent(), joined).of(new CookieSet(together.lines)));
        return new PourView(
                recipe.name(),
                recipe.key(),
                recipe.curve().ownCountSeconds(),
                recipe.caution(),
                List.copyOf(together.colours.values()),
                together.drinkers,
                pour);
    }

    /** The cookies of several orders, in the colours of their common bowls. */
    private static final class Together {
        private final List<CookieSet.Line> lines = new ArrayList<>();
        private final List<PourView.Drinker> drinkers = new ArrayList<>();
        private final Map<String, PourView.BowlColour> colours = new LinkedHashMap<>();

        /** Keys of light bowls, each with that of the bowl that it is let down from. */
        private final Map<String, String> letDowns = new HashMap<>();

        Palette looks() {
            Map<String, Lab> looks = new HashMap<>();
            colours.forEach((key, colour) -> looks.put(key, Lab.ofHex(colour.hex())));
            return new Palette(looks);
        }

        /** The bowl for a colour of another order: one that is called or looks the same, or a new one. */
        String bowlFor(long order, PaletteColour colour) {
            Lab look = Lab.ofHex(colour.hex());
            for (PourView.BowlColour bowl : colours.values()) {
                if (bowl.name().equalsIgnoreCase(colour.name())
                        || look.differenceTo(Lab.ofHex(bowl.hex())) < SAME_DELTA_E) {
                    return bowl.key();
                }
            }
            String key = order + "-" + colour.key();
            colours.put(key, new PourView.BowlColour(key, colour.name(), colour.hex()));
            return key;
        }
    }

    private Together together(OrderEntity order, OrderDetails details, ShopSettings settings, BaseRecipe recipe) {
        Together together = new Together();
        details.palette().forEach(c -> {
            together.colours.put(c.key(), new PourView.BowlColour(c.key(), c.name(), c.hex()));
            if (c.letDownFrom() != null) {
                together.letDowns.put(c.key(), details.bowlOf(c.letDownFrom()));
            }
        });
        add(together, order, details, settings, recipe, details::bowlOf);
        for (long other : details.mixedWith()) {
            orders.findById(other)
                    .filter(found -> !found.isRemoved() && found.id() != order.id())
                    .ifPresent(found -> {
                        OrderDetails theirs = found.details();
                        Map<String, String> bowls = new HashMap<>();
                        theirs.palette().forEach(c -> bowls.put(c.key(), together.bowlFor(found.id(), c)));
                        theirs.palette().stream()
                                .filter(c -> c.letDownFrom() != null)
                                .filter(c -> !bowls.get(c.key()).equals(bowls.get(c.letDownFrom())))
                                .forEach(c -> together.letDowns.putIfAbsent(
                                        bowls.get(c.key()), details.bowlOf(bowls.get(c.letDownFrom()))));
                        add(
                                together,
                                found,
                                theirs,
                                settings,
                                recipe,
                                key -> details.bowlOf(bowls.get(theirs.bowlOf(key))));
                    });
        }
        return together;
    }

    private void add(
            Together together,
            OrderEntity order,
            OrderDetails details,
            ShopSettings settings,
            BaseRecipe recipe,
            UnaryOperator<String> bowls) {
        Kitchen kitchen = Kitchen.of(settings, recipe, details.floodSeconds(), details.looks(), details.filling());
        Kitchen common = Kitchen.of(settings, recipe, details.floodSeconds(), Palette.UNKNOWN, details.filling());
        for (DesignEntity design : designs.findByOrderIdAndRemovedAtIsNullOrderByPositionAscIdAsc(order.id())) {
            Design document = design.document();
            Design inBowls = document.recoloured(bowls);
            String id = Long.toString(design.id());
            try {
                // Of most designs the colours are the bowls', and what was measured for the screen serves again.
                together.lines.add(new CookieSet.Line(
                        id,
                        inBowls.equals(document)
                                ? cookies.measure(document, kitchen)
                                : cookies.measure(inBowls, common),
                        design.count()));
            } catch (Refused refused) {
                throw new Refused("", document.name() + ": " + refused.getMessage());
            }
            together.drinkers.add(new PourView.Drinker(id, document.name(), order.id(), details.name()));
        }
    }

    /** The jars set aside for an order, each with the bowl whose colour it has. */
    private List<Jar> jars(long order, BaseRecipe recipe, Palette looks) {
        List<Jar> fitting = new ArrayList<>();
        for (ShelfService.Jar jar : shelf.jarsOf(order)) {
            if (jar.recipe().equals(recipe.key())) {
                String bowl = bowlOf(jar, looks);
                if (bowl != null) {
                    fitting.add(new Jar(jar.id().toString(), bowl, jar.grams(), jar.countSeconds()));
                }
            }
        }
        return fitting;
    }

    /** The bowl whose colour a jar has; null for none. */
    static String bowlOf(ShelfService.Jar jar, Palette looks) {
        Lab look = Lab.ofHex(jar.hex());
        String best = null;
        double least = HouseDefaults.JAR_FITS_DELTA_E;
        for (Map.Entry<String, Lab> colour : looks.colours().entrySet()) {
            double apart = look.differenceTo(colour.getValue());
            if (apart <= least) {
                least = apart;
                best = colour.getKey();
            }
        }
        return best;
    }
}
