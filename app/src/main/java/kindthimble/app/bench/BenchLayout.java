package kindthimble.app.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.dough.DoughMakings;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.Planner;
import kindthimble.app.recipe.RecipeService;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.TintService;
import kindthimble.core.bench.Against;
import kindthimble.core.bench.BagUse;
import kindthimble.core.design.Cookie;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Mark;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Packaging;
import kindthimble.core.pour.Pour;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Parts;
import kindthimble.core.work.Task;
import kindthimble.core.work.WetRehearsal;
import org.springframework.stereotype.Component;

/** Lays an order's work out for the bench: each step with all that the hands need for it. */
@Component
class BenchLayout {
    private final MixingService mixings;
    private final Planner planner;
    private final CookieService cookies;
    private final TintService tints;
    private final ShopService shop;
    private final DoughMakings makings;
    private final RecipeService recipes;

    BenchLayout(
            MixingService mixings,
            Planner planner,
            CookieService cookies,
            TintService tints,
            ShopService shop,
            DoughMakings makings,
            RecipeService recipes) {
        this.recipes = recipes;
        this.makings = makings;
        this.mixings = mixings;
        this.planner = planner;
        this.cookies = cookies;
        this.tints = tints;
        this.shop = shop;
    }

    /**
     * The work of an order as the hands have it.
     *
     * @param steps what the clock has first first
     * @param bags of the mixing, each with all that drinks from it
     */
    record Laid(List<BenchView.Step> steps, List<BenchView.Bag> bags) {}

    /** The steps of an order, what the clock has first first. */
    List<BenchView.Step> steps(WorkOnClock.Work now) {
        return laid(now).steps();
    }

    Laid laid(WorkOnClock.Work now) {
        BenchedMixing mixing = mixing(now.leading());
        BenchedBags bags = new BenchedBags(mixing);
        Map<Long, BenchedDesign> designs = new HashMap<>();
        now.mixed().forEach(order -> designs.putAll(designs(order, bags)));
        List<BenchView.Step> steps = new ArrayList<>();
        for (WorkOnClock.Piece piece : now.pieces()) {
            List<MixingOrder.Step> parts = Parts.steps(piece.task(), mixing.steps());
            List<String> keys = Parts.of(piece.task(), mixing.steps());
            for (int i = 0; i < keys.size(); i++) {
                steps.add(step(now, piece, keys.get(i), parts.isEmpty() ? null : parts.get(i), designs, mixing));
            }
        }
        steps.sort(Comparator.comparing(BenchView.Step::from, Comparator.nullsFirst(Comparator.naturalOrder())));
        return new Laid(steps, bags(now.shared(), designs, mixing, bags));
    }

    private static List<BenchView.Bag> bags(
            List<Task> tasks, Map<Long, BenchedDesign> designs, BenchedMixing mixing, BenchedBags all) {
        Map<String, List<BagUse.Iced>> drinks = new HashMap<>();
        Map<String, String> filledAt = new HashMap<>();
        for (Task task : tasks) {
            BenchedDesign design = designs.get(task.design());
            if (task.doing() == Task.Work.ICE && design != null) {
                design.drunk(task.pass()).stream()
                        .filter(one -> one.bag() != null)
                        .forEach(one -> drinks.computeIfAbsent(one.bag().key(), key -> new ArrayList<>())
                                .add(new BagUse.Iced(task.key(), task.cookies(), one.grams(), one.coatGrams())));
            }
            if (task.doing() == Task.Work.BOWL) {
                List<MixingOrder.Step> parts = Parts.steps(task, mixing.steps());
                List<String> keys = Parts.of(task, mixing.steps());
                for (int i = 0; i < parts.size(); i++) {
                    // What is put into no bag stands in its bowl, or on the scraper, as soon as it is thinned.
                    if (parts.get(i).doing() == MixingOrder.Doing.BAG
                            || parts.get(i).doing() == MixingOrder.Doing.THIN) {
                        filledAt.put(
                                filledAt(
                                        task.addition(),
                                        task.colour(),
                                        parts.get(i).portion()),
                                keys.get(i));
                    }
                }
            }
        }
        return all.all().entrySet().stream()
                .map(one -> bag(one.getKey(), one.getValue(), filledAt, drinks, mixing))
                .toList();
    }

    private static BenchView.Bag bag(
            String key,
            List<BenchedBags.Bag> filled,
            Map<String, String> filledAt,
            Map<String, List<BagUse.Iced>> drinks,
            BenchedMixing mixing) {
        BenchedBags.Bag bag = filled.get(0);
        List<BagUse.Fill> fills = filled.stream()
                .map(one -> new BagUse.Fill(
                        one.filling().bags(),
                        one.filling().gramsEach(),
                        filledAt.getOrDefault(
                                filledAt(one.addition(), one.bowl().colour(), one.portion()), ""),
                        one.first()))
                .toList();
        return new BenchView.Bag(
                key,
                mixing.name(bag.bowl().colour()),
                mixing.hex(bag.bowl().colour()),
                bag.filling().tips(),
                bag.of().vessel(),
                bag.of().countSeconds(),
                bag.of().state(),
                fills.stream().mapToInt(BagUse.Fill::bags).sum(),
                fills.stream().mapToDouble(one -> one.bags() * one.fullGrams()).sum(),
                bag.filling().keptEach(),
                fills,
                drinks.getOrDefault(key, List.of()),
                mixing.making(bag));
    }

    private static String filledAt(int addition, String colour, int portion) {
        return addition + " " + colour + " " + portion;
    }

    /**
     * @param id number of the design
     * @param bags of the mixing
     * @param bowls by the key of a colour of its order, that of the bowl which it comes out of
     */
    private record BenchedDesign(
            String name,
            long id,
            Cookie cookie,
            Hands hands,
            Kitchen kitchen,
            BenchedBags bags,
            Map<String, String> bowls) {
        List<BenchedBags.Drunk> drunk(int pass) {
            return bags.drunk(cookie, pass, id, kitchen.recipe(), bowls);
        }

        String bowl(String colour) {
            return bowls.getOrDefault(colour, colour);
        }

        /** Seconds of hands that one cookie takes in a pass. */
        double seconds(int pass) {
            double seconds = 0;
            for (int i = 0; i < cookie.marks().size(); i++) {
                seconds += cookie.marks().get(i).pass() == pass ? hands.of(i) : 0;
            }
            return seconds;
        }

        /** Grams that the marks of a kind in a pass weigh on one cookie. */
        double grams(int pass, Class<? extends Mark> kind) {
            return cookie.marks().stream()
                    .filter(on -> on.pass() == pass
                            && kind.isInstance(on.mark())
                            && on.mark().icing() != null)
                    .mapToDouble(on -> on.mark().grams(kitchen.recipe()))
                    .sum();
        }
    }

    private List<BenchView.Line> dough(Kept order, int addition) {
        return makings.of(order).stream()
                .filter(one -> one.addition() == addition)
                .flatMap(one -> one.dough().weighed().stream())
                .map(one -> new BenchView.Line(one.ingredient(), one.grams(), true))
                .toList();
    }

    private Map<Long, BenchedDesign> designs(Kept order, BenchedBags bags) {
        Map<Long, BenchedDesign> designs = new HashMap<>();
        Map<String, String> bowls = planner.bowlKeys(order);
        ShopSettings settings = shop.settings();
        for (Kept.KeptDesign design : order.designs()) {
            try {
                Kitchen kitchen = Planner.kitchen(settings, recipe(order), order.details());
                Cookie cookie = cookies.measure(design.document(), kitchen);
                designs.put(
                        design.id(),
                        new BenchedDesign(
                                design.document().name(),
                                design.id(),
                                cookie,
                                Hands.on(cookie.marks(), settings.habits()),
                                kitchen,
                                bags,
                                bowls));
            } catch (Refused refused) {
                // What can't be measured is not on the clock either, which says why.
                continue;
            }
        }
        return designs;
    }

    private BaseRecipe recipe(Kept order) {
        return planner.recipe(order.details());
    }

    private BenchedMixing mixing(Kept leading) {
        try {
            return new BenchedMixing(
                    mixings.view(leading.id()),
                    tints.with(planner.kitchen(leading.details())),
                    mixings.steps(leading.id()).kitchen());
        } catch (Refused refused) {
            return new BenchedMixing(null, null, null);
        }
    }

    private BenchView.Step step(
            WorkOnClock.Work now,
            WorkOnClock.Piece piece,
            String key,
            MixingOrder.Step part,
            Map<Long, BenchedDesign> designs,
            BenchedMixing mixing) {
        Task task = piece.task();
        BenchView.Mixed mixed = part == null ? null : mixing.of(part);
        List<BenchView.Line> weighed = part != null
                ? mixing.weighed(part)
                : task.doing() == Task.Work.DOUGH ? dough(now.order(), task.addition()) : List.of();
        BenchedDesign design = designs.get(task.design());
        boolean isIced = task.doing() == Task.Work.ICE && design != null;
        String colour = task.colour();
        return new BenchView.Step(
                key,
                task.key(),
                task.order(),
                task.doing(),
                design != null
                        ? design.name
                        : colour != null
                                ? mixing.name(colour)
                                : now.order().details().name(),
                task.design(),
                task.pass(),
                task.tray(),
                task.cookies(),
                task.addition(),
                colour,
                colour == null ? null : mixing.hex(colour),
                piece.from(),
                piece.by(),
                task.handSeconds(),
                task.ovenSeconds(),
                isIced ? design.seconds(task.pass()) : 0,
                isIced ? design.grams(task.pass(), Mark.class) : 0,
                isIced ? design.grams(task.pass(), Coat.class) : 0,
                isIced ? wetSeconds(design, task.pass()) : 0,
                weighed,
                packaging(now.order(), task, part, mixing),
                mixed,
                isIced ? inBags(design, task.pass(), mixing) : List.of(),
                task.waits().stream()
                        .filter(wait -> wait.why() != Task.Why.REST)
                        .map(wait -> new BenchView.Wait(wait.task(), wait.seconds(), wait.why()))
                        .toList(),
                against(task, part, mixed, isIced ? design : null, mixing));
    }

    private Against against(
            Task task, MixingOrder.Step part, BenchView.Mixed mixed, BenchedDesign iced, BenchedMixing mixing) {
        if (part != null) {
            Kitchen kitchen = mixing.kitchen();
            return PlannedStep.mixing(
                    part, kitchen.habits(), recipes.written(kitchen.recipe().key()), mixed);
        }
        return iced == null
                ? PlannedStep.other(task, shop.settings().habits())
                : PlannedStep.icing(
                        task,
                        iced.kitchen,
                        iced.seconds(task.pass()),
                        iced.grams(task.pass(), Mark.class),
                        iced.grams(task.pass(), Coat.class));
    }

    /** Piping bags with icing; cookie bags when it is packed; boxes, each with a tag, when all of it is, or a tag to each bag. */
    private List<BenchView.Pieces> packaging(Kept order, Task task, MixingOrder.Step part, BenchedMixing mixing) {
        if (part != null && part.doing() == MixingOrder.Doing.BAG) {
            Pour.Portion portion = mixing.portion(part);
            return portion == null || portion.vessel() != Icing.Vessel.BAG || portion.bags() == 0
                    ? List.of()
                    : List.of(new BenchView.Pieces(portion.largeBags() ? "large bags" : "bags", portion.bags()));
        }
        if (task.doing() == Task.Work.PACK) {
            return List.of(new BenchView.Pieces(Packaging.COOKIE_BAGS, task.cookies()));
        }
        if (task.doing() == Task.Work.LABEL) {
            int cookies =
                    order.designs().stream().mapToInt(Kept.KeptDesign::count).sum();
            return Packaging.of(
                            cookies, 0, order.details().tied(), shop.settings().habits())
                    .atTheLabel()
                    .entrySet()
                    .stream()
                    .map(one -> new BenchView.Pieces(one.getKey(), one.getValue()))
                    .toList();
        }
        return List.of();
    }

    /** How long a coat takes what sinks in; 0 where nothing of the pass does. */
    private static double wetSeconds(BenchedDesign design, int pass) {
        return WetRehearsal.of(design.cookie, design.kitchen.habits()).stream()
                .filter(one -> one.pass() == pass)
                .mapToDouble(WetRehearsal::limitSeconds)
                .findFirst()
                .orElse(0);
    }

    private static List<BenchView.InBag> inBags(BenchedDesign design, int pass, BenchedMixing mixing) {
        return design.drunk(pass).stream()
                .map(drunk -> {
                    BenchedBags.Bag bag = drunk.bag();
                    String colour = design.bowl(drunk.icing().colour());
                    return new BenchView.InBag(
                            bag == null ? "" : bag.key(),
                            colour,
                            mixing.name(colour),
                            mixing.hex(colour),
                            bag == null
                                    ? drunk.icing().tip() == null
                                            ? ""
                                            : drunk.icing().tip()
                                    : String.join(" > ", bag.filling().tips()),
                            bag == null ? 1 : bag.filling().bags(),
                            bag == null ? 0 : bag.filling().gramsEach(),
                            drunk.grams(),
                            bag == null ? 0 : bag.filling().keptEach(),
                            bag == null
                                    ? drunk.icing().consistency().countSeconds()
                                    : bag.of().countSeconds());
                })
                .toList();
    }
}
