package kindthimble.app.bench;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.device.Scales;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.happened.Practising;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.mixing.MixingView;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.Planner;
import kindthimble.app.plan.PourView;
import kindthimble.app.shop.ShopService;
import kindthimble.app.tint.TintView;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.design.Cookie;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.icing.Ingredient;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.pour.Ladder;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.pour.Pour;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Parts;
import kindthimble.core.work.Task;
import kindthimble.core.work.WetRehearsal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays an order's work out for the bench, and takes what is pressed there. */
@Service
@Transactional
public class BenchService {
    private static final double PERCENT = 100;

    private final WorkOnClock work;
    private final BenchLog log;
    private final Practising practising;
    private final MixingService mixings;
    private final Planner planner;
    private final CookieService cookies;
    private final ShopService shop;
    private final OffTheShelf shelf;
    private final Scales scales;
    private final Clock clock;

    BenchService(
            WorkOnClock work,
            BenchLog log,
            Practising practising,
            MixingService mixings,
            Planner planner,
            CookieService cookies,
            ShopService shop,
            OffTheShelf shelf,
            Scales scales,
            Clock clock) {
        this.work = work;
        this.log = log;
        this.practising = practising;
        this.mixings = mixings;
        this.planner = planner;
        this.cookies = cookies;
        this.shop = shop;
        this.shelf = shelf;
        this.scales = scales;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public BenchView view(long order) {
        WorkOnClock.Work now = work.of(order);
        return view(now, steps(now));
    }

    /** The steps of an order, before anything is planned. */
    @Transactional(readOnly = true)
    public List<BenchView.Step> unplanned(long order) {
        return steps(work.unplanned(order));
    }

    private BenchView view(WorkOnClock.Work now, List<BenchView.Step> steps) {
        ShopSettings settings = shop.settings();
        Set<String> keys = steps.stream().map(BenchView.Step::key).collect(Collectors.toSet());
        List<BenchEvent> pressed = log.of(now.mixed().stream().map(Kept::id).toList()).stream()
                .filter(event -> keys.contains(event.step()))
                .toList();
        Optional<Practising.Play> play = practising.of(now.order().id());
        return new BenchView(
                now.order().revision(),
                clock.instant()
                        .plusSeconds(play.map(Practising.Play::aheadSeconds).orElse(0L)),
                play.map(Practising.Play::seed).orElse(null),
                scales.of(play.isPresent()).read().isPresent(),
                steps,
                pressed,
                ThinningCurve.PER_GRAM,
                settings.mean(Habit.COOKIE_VARIATION_PERCENT) / PERCENT,
                settings.mean(Habit.DAY_VARIATION_PERCENT) / PERCENT,
                now.leftOut());
    }

    /**
     * Takes what was pressed; the same twice counts once. What is begun to be mixed comes off the shelf, and back onto it where that is undone.
     *
     * @throws Refused when it is of no work of this order
     */
    void press(long order, List<BenchEvent> events) {
        Optional<Practising.Play> play = practising.of(order);
        WorkOnClock.Work now = work.of(order);
        boolean isMixing = mixings.hasStarted(now.leading().id());
        press(now, events, play.isPresent());
        if (play.isPresent() && !isMixing && mixings.hasStarted(now.leading().id())) {
            practising.beganMixing(order);
        }
    }

    /** Leaves the practice kitchen: what was pressed in it is taken back, and what that took off the shelf is put back. */
    public void endPlay(long order) {
        practising.of(order).ifPresent(play -> {
            WorkOnClock.Work now = work.of(order);
            List<BenchEvent> back = log.practised(List.of(order, now.leading().id())).stream()
                    .map(event -> new BenchEvent(
                            UUID.nameUUIDFromBytes(event.id().getBytes(StandardCharsets.UTF_8))
                                    .toString(),
                            clock.instant(),
                            "",
                            BenchEvent.Pressed.UNDONE,
                            event.step(),
                            0,
                            event.id()))
                    .toList();
            press(now, back, true);
            if (play.beganMixing()) {
                mixings.restart(now.leading().id());
            }
            practising.end(order);
        });
    }

    private void press(WorkOnClock.Work now, List<BenchEvent> events, boolean isPlayed) {
        long order = now.order().id();
        Map<Long, List<BenchEvent>> byOrder = new TreeMap<>();
        for (BenchEvent event : events) {
            boolean isOwn = event.step().startsWith(order + " ");
            byOrder.computeIfAbsent(isOwn ? order : now.leading().id(), id -> new ArrayList<>())
                    .add(event);
        }
        byOrder.forEach((of, own) -> log.add(of, own, isPlayed));
        List<BenchView.Step> steps = steps(now);
        Map<Long, Happened> happened = log.happened(byOrder.keySet());
        boolean mixes = steps.stream()
                .filter(step -> step.doing() == Task.Work.BASE)
                .anyMatch(step -> OffTheShelf.isBegun(step, happened));
        if (mixes) {
            mixings.start(now.leading().id());
        }
        shelf.take(steps, happened);
    }

    private List<BenchView.Step> steps(WorkOnClock.Work now) {
        Map<Long, BenchedDesign> designs = designs(now.order());
        Mixing mixing = mixing(now.leading());
        List<BenchView.Step> steps = new ArrayList<>();
        for (WorkOnClock.Piece piece : now.pieces()) {
            List<MixingOrder.Step> parts =
                    Parts.steps(piece.task(), mixing.view == null ? List.of() : mixing.view.steps());
            List<String> keys = Parts.of(piece.task(), mixing.view == null ? List.of() : mixing.view.steps());
            for (int i = 0; i < keys.size(); i++) {
                steps.add(step(now, piece, keys.get(i), parts.isEmpty() ? null : parts.get(i), designs, mixing));
            }
        }
        steps.sort(Comparator.comparing(BenchView.Step::from, Comparator.nullsFirst(Comparator.naturalOrder())));
        return steps;
    }

    private record BenchedDesign(String name, Cookie cookie, Hands hands, Kitchen kitchen) {
        /** Seconds of hands that one cookie takes in a pass. */
        double seconds(int pass) {
            double seconds = 0;
            for (int i = 0; i < cookie.marks().size(); i++) {
                seconds += cookie.marks().get(i).pass() == pass ? hands.of(i) : 0;
            }
            return seconds;
        }
    }

    private List<BenchView.Line> dough(Kept order) {
        return planner.dough(order).dough().weighed().stream()
                .map(one -> new BenchView.Line(one.ingredient(), one.grams(), true))
                .toList();
    }

    private Map<Long, BenchedDesign> designs(Kept order) {
        Map<Long, BenchedDesign> designs = new HashMap<>();
        ShopSettings settings = shop.settings();
        for (Kept.KeptDesign design : order.designs()) {
            try {
                Kitchen kitchen = Planner.kitchen(settings, recipe(order), order.details());
                Cookie cookie = cookies.measure(design.document(), kitchen);
                designs.put(
                        design.id(),
                        new BenchedDesign(
                                design.document().name(),
                                cookie,
                                Hands.on(cookie.marks(), settings.habits()),
                                kitchen));
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

    private Mixing mixing(Kept leading) {
        try {
            return new Mixing(mixings.view(leading.id()));
        } catch (Refused refused) {
            return new Mixing(null);
        }
    }

    private BenchView.Step step(
            WorkOnClock.Work now,
            WorkOnClock.Piece piece,
            String key,
            MixingOrder.Step part,
            Map<Long, BenchedDesign> designs,
            Mixing mixing) {
        Task task = piece.task();
        BenchView.Mixed mixed = part == null ? null : mixing.of(part);
        List<BenchView.Line> weighed = part != null && part.doing() == MixingOrder.Doing.MIX
                ? mixing.batch(part)
                : task.doing() == Task.Work.DOUGH ? dough(now.order()) : List.of();
        BenchedDesign design = designs.get(task.design());
        boolean isIced = task.doing() == Task.Work.ICE && design != null;
        return new BenchView.Step(
                key,
                task.key(),
                task.order(),
                task.doing(),
                design != null
                        ? design.name
                        : task.colour() != null
                                ? mixing.name(task.colour())
                                : now.order().details().name(),
                task.design(),
                task.pass(),
                task.tray(),
                task.cookies(),
                task.colour(),
                task.colour() == null ? null : mixing.hex(task.colour()),
                piece.from(),
                piece.by(),
                task.handSeconds(),
                task.ovenSeconds(),
                isIced ? design.seconds(task.pass()) : 0,
                isIced ? wetSeconds(design, task.pass()) : 0,
                weighed,
                mixed,
                isIced ? bags(design, task.pass(), mixing) : List.of(),
                task.waits().stream()
                        .filter(wait -> wait.why() != Task.Why.REST)
                        .map(wait -> new BenchView.Wait(wait.task(), wait.seconds(), wait.why()))
                        .toList());
    }

    /** How long a coat takes what sinks in; 0 where nothing of the pass does. */
    private static double wetSeconds(BenchedDesign design, int pass) {
        return WetRehearsal.of(design.cookie, design.kitchen.habits()).stream()
                .filter(one -> one.pass() == pass)
                .mapToDouble(WetRehearsal::limitSeconds)
                .findFirst()
                .orElse(0);
    }

    private List<BenchView.InBag> bags(BenchedDesign design, int pass, Mixing mixing) {
        Map<List<Object>, Double> grams = new LinkedHashMap<>();
        Map<List<Object>, Icing> icings = new HashMap<>();
        for (OnCookie on : design.cookie.marks()) {
            Icing icing = on.mark().icing();
            if (on.pass() == pass && icing != null) {
                List<Object> of = List.of(icing.colour(), icing.consistency(), icing.vessel());
                grams.merge(of, on.mark().grams(design.kitchen.recipe()), Double::sum);
                icings.putIfAbsent(of, icing);
            }
        }
        List<BenchView.InBag> bags = new ArrayList<>();
        grams.forEach((of, each) -> {
            Icing icing = icings.get(of);
            Pour.Portion portion = mixing.portion(icing);
            bags.add(new BenchView.InBag(
                    icing.colour(),
                    mixing.name(icing.colour()),
                    mixing.hex(icing.colour()),
                    icing.tip() == null ? "" : icing.tip(),
                    portion == null ? 1 : Math.max(1, portion.bags()),
                    portion == null ? 0 : portion.gramsPerBag(),
                    each,
                    portion == null || portion.bags() == 0 ? 0 : portion.keptGrams() / portion.bags()));
        });
        return bags;
    }

    /** The mixing that an order drinks from; nothing where there is none. */
    private record Mixing(MixingView view) {
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

        private Optional<Pour.Bowl> bowl(String colour) {
            return view == null
                    ? Optional.empty()
                    : view.pour().pour().bowls().stream()
                            .filter(bowl -> bowl.colour().equals(colour))
                            .findFirst();
        }

        /** Of the same vessel the one whose count is nearest; null for none. */
        Pour.Portion portion(Icing icing) {
            return bowl(icing.colour()).stream()
                    .flatMap(bowl -> bowl.portions().stream())
                    .filter(portion -> portion.vessel() == icing.vessel())
                    .min(Comparator.comparingDouble(portion -> Math.abs(
                            portion.countSeconds() - icing.consistency().countSeconds())))
                    .orElse(null);
        }

        BenchView.Mixed of(MixingOrder.Step step) {
            Pour.Bowl bowl = step.colour() == null ? null : bowl(step.colour()).orElse(null);
            Pour.Portion portion =
                    bowl == null || step.portion() < 0 ? null : bowl.portions().get(step.portion());
            TintView tint =
                    step.doing() == MixingOrder.Doing.TINT ? view.tints().get(step.colour()) : null;
            Pour.LetDown down = step.doing() == MixingOrder.Doing.LET_DOWN && bowl != null ? bowl.letDown() : null;
            boolean isThinned = step.doing() == MixingOrder.Doing.THIN;
            return new BenchView.Mixed(
                    step.doing(),
                    step.grams(),
                    step.waterGrams(),
                    step.sugarGrams(),
                    isThinned ? baseInBowl(bowl, step.portion()) : step.grams(),
                    portion == null ? 0 : portion.countSeconds(),
                    portion == null ? null : portion.state(),
                    tint == null ? null : tint.recipe(),
                    tint == null ? null : tint.wanted(),
                    down == null ? null : name(down.mother()),
                    down == null ? 0 : down.motherGrams(),
                    down == null ? 0 : down.whiteGrams(),
                    portion == null ? 0 : portion.bags(),
                    portion == null ? 0 : portion.gramsPerBag(),
                    portion == null ? 0 : portion.cutMm(),
                    portion == null ? List.of() : portion.tips());
        }

        /** Base that is in the bowl when a portion is taken out: that of it, and of all that are thinner. */
        private static double baseInBowl(Pour.Bowl bowl, int portion) {
            List<Integer> taken =
                    Ladder.of(bowl).stream().map(Ladder.Rung::portion).toList();
            return taken.subList(taken.indexOf(portion), taken.size()).stream()
                    .mapToDouble(one -> bowl.portions().get(one).baseGrams())
                    .sum();
        }

        List<BenchView.Line> batch(MixingOrder.Step step) {
            int nth = view.steps().stream()
                    .filter(one -> one.doing() == MixingOrder.Doing.MIX)
                    .toList()
                    .indexOf(step);
            return view.pour().pour().batches().get(nth).weighed().stream()
                    .map(one -> new BenchView.Line(one.ingredient(), one.grams(), one.role() != Ingredient.Part.WATER))
                    .toList();
        }
    }
}
