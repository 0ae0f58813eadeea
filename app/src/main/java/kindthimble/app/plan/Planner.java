package kindthimble.app.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.order.Kept;
import kindthimble.app.order.OrderDetails;
import kindthimble.app.order.Orders;
import kindthimble.app.order.Together;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shelf.ShelfService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.TintService;
import kindthimble.app.tint.Tinter;
import kindthimble.core.colour.Lab;
import kindthimble.core.colour.Palette;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.dough.Dough;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.CookieSet;
import kindthimble.core.pour.Demand;
import kindthimble.core.pour.Jar;
import kindthimble.core.pour.Pour;
import kindthimble.core.pour.Pouring;
import kindthimble.core.pour.Tally;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Works out what follows from an order: each design measured, and the pour of all of them, together with the orders that are mixed
 * with it. Nothing of it is stored.
 */
@Component
public class Planner {
    /** How often gel and grams are brought into line: a bowl's drops follow from its grams, and these a little from the drops. */
    private final Orders orders;

    private final Together together;
    private final ShopService shop;
    private final RecipeService recipes;
    private final ShelfService shelf;
    private final CookieService cookies;
    private final TintService tints;

    Planner(
            Orders orders,
            Together together,
            ShopService shop,
            RecipeService recipes,
            ShelfService shelf,
            CookieService cookies,
            TintService tints) {
        this.orders = orders;
        this.together = together;
        this.shop = shop;
        this.recipes = recipes;
        this.shelf = shelf;
        this.cookies = cookies;
        this.tints = tints;
    }

    /** The base of an order: its own, or the shop's. */
    public BaseRecipe recipe(OrderDetails details) {
        return recipes.recipe(details.recipe() == null ? shop.settings().recipe() : details.recipe());
    }

    /** What the designs of an order are measured with. */
    public Kitchen kitchen(OrderDetails details) {
        return kitchen(shop.settings(), recipe(details), details);
    }

    /** How many times as full as the house's figures say the coats of an order are planned. */
    public double fullness(OrderDetails details) {
        Kitchen kitchen = kitchen(details);
        return kitchen.mean(kitchen.filling().coats());
    }

    /** What the designs of an order are measured with, in a shop with these numbers. */
    public static Kitchen kitchen(ShopSettings settings, BaseRecipe base, OrderDetails details) {
        Filling filling = details.filling() == null ? settings.filling() : details.filling();
        // What a trial cookie has said of this order's hand stands in for what is known of it otherwise.
        ShopSettings own = details.fullness() == null ? settings : settings.with(filling.coats(), details.fullness());
        return Kitchen.of(own, base, details.floodSeconds(), details.looks(), filling)
                .with(Habit.SPREAD_PERCENT, settings.dough(details.dough()).spreadPercent());
    }

    /**
     * What an order's cookies are cut from.
     *
     * @throws Refused when a design can't be measured
     */
    public List<Dough.Cut> cuts(Kept order) {
        Kitchen kitchen = kitchen(order.details());
        Tally tally = new Tally(kitchen.recipe(), kitchen.mean(Habit.BREAKAGE_PERCENT));
        List<Dough.Cut> cuts = new ArrayList<>();
        for (Kept.KeptDesign design : order.designs()) {
            Cookie cookie = design.count() > 0 ? cookies.measure(design.document(), kitchen) : null;
            if (cookie == null || cookie.onFilm()) {
                continue;
            }
            Dough.Cut cut = Dough.Cut.of(
                    design.id(),
                    design.count() + tally.spares(design.count()),
                    order.details().bareSpares(),
                    cookies.cut(design.document().cutter()),
                    kitchen.habits());
            cuts.add(cut);
            cookie.tops().forEach(top -> cuts.add(cut.with(top.move(), top.each(), top.cutter())));
        }
        return cuts;
    }

    /**
     * The dough of an order.
     *
     * @throws Refused when a design can't be measured
     */
    public DoughView dough(Kept order) {
        ShopSettings settings = shop.settings();
        DoughRecipe recipe = settings.dough(order.details().dough());
        double thick = order.details().rolledMm() == null
                ? settings.mean(Habit.ROLLED_MM)
                : order.details().rolledMm();
        return new DoughView(
                order.id(),
                order.details().name(),
                recipe,
                thick,
                0,
                false,
                Dough.of(cuts(order), thick, recipe, settings.habits()));
    }

    /** The kitchens of many orders: what they share is read once. */
    public Kitchens kitchens() {
        ShopSettings settings = shop.settings();
        Map<String, BaseRecipe> bases = new HashMap<>();
        return details -> {
            String key = details.recipe() == null ? settings.recipe() : details.recipe();
            BaseRecipe base = bases.computeIfAbsent(key, recipes::recipe);
            return kitchen(settings, base, details);
        };
    }

    /** What the designs of an order are measured with. */
    public interface Kitchens {
        /**
         * @throws Refused when there is no such base
         */
        Kitchen of(OrderDetails details);
    }

    private Mixed mixed(Kept order) {
        return Mixed.of(together.mixedWith(order), shop.settings().habits());
    }

    /** By the key of each colour of an order's palette, that of the bowl which it comes out of, as the order knows it that leads the mixing. */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public Map<String, String> bowlKeys(Kept order) {
        Mixed mixed = mixed(order);
        Map<String, String> leading = mixed.keysFor(mixed.leading());
        UnaryOperator<String> bowls = mixed.bowlsOf(order);
        Map<String, String> keys = new HashMap<>();
        order.details().palette().forEach(colour -> {
            String bowl = bowls.apply(colour.key());
            keys.put(colour.key(), leading.getOrDefault(bowl, bowl));
        });
        return keys;
    }

    /** The plan of an order; why there is none where it can't be worked out. */
    public PlanView view(Kept order) {
        try {
            PourView view = pour(order, UnaryOperator.identity()).view();
            return new PlanView(view, null, share(order, view));
        } catch (Refused refused) {
            return new PlanView(null, refused.getMessage(), null);
        }
    }

    /** What of a pour is the order's own. */
    private PlanView.OwnShare share(Kept order, PourView view) {
        List<String> own = view.designs().stream()
                .filter(design -> design.order() == order.id())
                .map(PourView.Drinker::design)
                .toList();
        Tally tally = new Tally(recipe(order.details()), shop.settings().mean(Habit.BREAKAGE_PERCENT));
        int cookiesOwn = 0;
        int sparesOwn = 0;
        for (Kept.KeptDesign design : order.designs()) {
            cookiesOwn += design.count();
            sparesOwn += tally.spares(design.count());
        }
        double grams = view.pour().bowls().stream()
                .flatMap(bowl -> bowl.portions().stream())
                .flatMap(portion -> portion.drinks().stream())
                .filter(drink -> own.contains(drink.design()))
                .mapToDouble(Demand.Drink::grams)
                .sum();
        return new PlanView.OwnShare(cookiesOwn, sparesOwn, grams, dough(order));
    }

    /**
     * The pour of an order and those mixed with it, with what it was made with.
     *
     * @throws Refused when a design can't be measured with the shop's numbers, or the base can't be made so stiff
     */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public Planned plan(long order) {
        return pour(orders.order(order), UnaryOperator.identity());
    }

    /** The plan as the order is now, with the shop's numbers and the base of another time. */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public Planned planWith(long id, ShopSettings settings, BaseRecipe recipe) {
        Kept order = orders.order(id);
        return pour(order, mixed(order), UnaryOperator.identity(), settings, recipe);
    }

    /** The pour as it would be with the bowl of one colour joined into that of another. */
    @Transactional(readOnly = true, noRollbackFor = Refused.class)
    public PourView planJoined(long order, String from, String into) {
        return pour(orders.order(order), key -> key.equals(from) ? into : key).view();
    }

    private Planned pour(Kept order, UnaryOperator<String> joined) {
        Mixed mixed = mixed(order);
        return pour(
                order, mixed, joined, shop.settings(), recipe(mixed.leading().details()));
    }

    /**
     * The pour of an order and those mixed with it.
     *
     * @param joined given the key of a bowl as the order knows it, that of the bowl which would take its place
     * @param settings the shop's numbers
     * @param recipe the base
     * @throws Refused when it can't be worked out
     */
    private Planned pour(
            Kept order, Mixed mixed, UnaryOperator<String> joined, ShopSettings settings, BaseRecipe recipe) {
        Map<String, String> keys = mixed.keysFor(order);
        Map<String, String> back = new HashMap<>();
        keys.forEach((bowl, key) -> back.putIfAbsent(key, bowl));
        UnaryOperator<String> joinedBowls =
                bowl -> back.getOrDefault(joined.apply(keys.getOrDefault(bowl, bowl)), bowl);
        List<PourView.Drinker> drinkers = new ArrayList<>();
        List<CookieSet.Line> lines = new ArrayList<>();
        mixed.orders().forEach(one -> add(one, mixed, settings, recipe, lines, drinkers));
        Kitchen kitchen = Kitchen.of(settings, recipe, null, mixed.looks(), null);
        Tinter tinter = tints.with(kitchen);
        Map<String, String> hexes = new HashMap<>();
        mixed.bowls().bowls().forEach(bowl -> hexes.put(bowl.key(), mixed.hex(bowl)));
        Map<String, Pouring.LetDown> letDowns = new HashMap<>();
        mixed.bowls()
                .letDowns()
                .forEach((light, mother) -> letDowns.put(
                        light,
                        new Pouring.LetDown(
                                mother,
                                tinter.shade(hexes.get(light), hexes.get(mother))
                                        .share())));
        Demand demand = new Tally(recipe, settings.mean(Habit.BREAKAGE_PERCENT), joinedBowls).of(new CookieSet(lines));
        List<Jar> jars = jars(mixed, kitchen);
        Pour pour = RecipeGel.pour(
                demand,
                tinter,
                hexes,
                new Pouring(
                        kitchen,
                        mixed.leading().details().extra().allowance(),
                        new Pouring.Wishes(mixed.apart(), jars, Map.of(), letDowns, mixed.flavours())));
        PourView view = new PourView(
                recipe.name(),
                recipe.key(),
                recipe.curve().ownCountSeconds(),
                recipe.caution(),
                mixed.bowls().bowls().stream()
                        .map(bowl -> new PourView.BowlColour(keys.get(bowl.key()), bowl.name(), hexes.get(bowl.key())))
                        .toList(),
                drinkers,
                mixed.bowls().namesakes().stream()
                        .map(one -> new PourView.Namesakes(
                                one.name(), keys.get(one.one()), keys.get(one.other()), one.deltaE(), one.tastesElse()))
                        .toList(),
                pour.renamed(bowl -> keys.getOrDefault(bowl, bowl)));
        return new Planned(
                view, kitchen, tinter, mixed.orders().stream().map(Kept::id).toList());
    }

    private void add(
            Kept order,
            Mixed mixed,
            ShopSettings settings,
            BaseRecipe recipe,
            List<CookieSet.Line> lines,
            List<PourView.Drinker> drinkers) {
        OrderDetails details = order.details();
        Kitchen kitchen = kitchen(settings, recipe, details);
        Kitchen common = kitchen.with(Palette.UNKNOWN);
        for (Kept.KeptDesign design : order.designs()) {
            Design document = design.document();
            Design inBowls = document.recoloured(mixed.bowlsOf(order));
            String id = Long.toString(design.id());
            try {
                // Of most designs the colours are the bowls', and what was measured for the screen serves again.
                lines.add(new CookieSet.Line(
                        id,
                        inBowls.equals(document)
                                ? cookies.measure(document, kitchen)
                                : cookies.measure(inBowls, common),
                        design.count()));
            } catch (Refused refused) {
                throw new Refused("", document.name() + ": " + refused.getMessage());
            }
            drinkers.add(new PourView.Drinker(id, document.name(), order.id(), details.name()));
        }
    }

    /** The jars set aside for these orders, each with the bowl whose colour it has. */
    private List<Jar> jars(Mixed mixed, Kitchen kitchen) {
        List<Jar> fitting = new ArrayList<>();
        for (Kept order : mixed.orders()) {
            for (ShelfService.Jar jar : shelf.jarsOf(order.id())) {
                if (jar.recipe().equals(kitchen.recipe().key())) {
                    Jar.bowlFor(
                                    Lab.ofHex(jar.hex()),
                                    jar.flavour(),
                                    kitchen.palette(),
                                    mixed.flavours(),
                                    kitchen.habits())
                            .ifPresent(bowl ->
                                    fitting.add(new Jar(jar.id().toString(), bowl, jar.grams(), jar.countSeconds())));
                }
            }
        }
        return fitting;
    }
}
