package kindthimble.app.bench;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.device.Scales;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.happened.Practising;
import kindthimble.app.mixing.MixingChanges;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Together;
import kindthimble.app.plan.Planner;
import kindthimble.app.shop.LearntFigures;
import kindthimble.app.shop.ShopService;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.DeviceClock;
import kindthimble.core.bench.Happened;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Shows an order at the bench, and takes what is pressed there. */
@Service
@Transactional
public class BenchService {

    /** What can take something off the shelf, or put it back. */
    private static final Set<BenchEvent.Pressed> TAKES = Set.of(
            BenchEvent.Pressed.BEGUN, BenchEvent.Pressed.DONE, BenchEvent.Pressed.UNDONE, BenchEvent.Pressed.ADDED);

    private final WorkOnClock work;
    private final Together together;
    private final BenchLog log;
    private final Practising practising;
    private final MixingChanges mixings;
    private final BenchLayout layout;
    private final Planner planner;
    private final ShopService shop;
    private final LearntFigures learnt;
    private final OffTheShelf shelf;
    private final Scales scales;
    private final TransactionTemplate transactions;
    private final Clock clock;

    BenchService(
            WorkOnClock work,
            Together together,
            BenchLog log,
            Practising practising,
            MixingChanges mixings,
            BenchLayout layout,
            Planner planner,
            ShopService shop,
            LearntFigures learnt,
            OffTheShelf shelf,
            Scales scales,
            TransactionTemplate transactions,
            Clock clock) {
        this.work = work;
        this.together = together;
        this.log = log;
        this.practising = practising;
        this.mixings = mixings;
        this.layout = layout;
        this.planner = planner;
        this.shop = shop;
        this.learnt = learnt;
        this.shelf = shelf;
        this.scales = scales;
        this.transactions = transactions;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public BenchView view(long order) {
        WorkOnClock.Work now = work.of(order);
        return view(now, layout.laid(now));
    }

    /** The steps of an order, before anything is planned. */
    @Transactional(readOnly = true)
    public List<BenchView.Step> unplanned(long order) {
        return layout.steps(work.unplanned(order));
    }

    private BenchView view(WorkOnClock.Work now, BenchLayout.Laid laid) {
        ShopSettings settings = shop.settings();
        BaseRecipe recipe = planner.recipe(now.leading().details());
        Learnt.Hand hand = learnt.now()
                .hand(
                        now.order().details().filling() == null
                                ? settings.filling()
                                : now.order().details().filling());
        Set<String> keys = laid.steps().stream().map(BenchView.Step::key).collect(Collectors.toSet());
        laid.bags().forEach(bag -> bag.drinks().forEach(drink -> keys.add(drink.step())));
        List<BenchEvent> pressed = log.of(now.mixed().stream().map(Kept::id).toList()).stream()
                .filter(event -> keys.contains(event.step()))
                .toList();
        Optional<Practising.Play> play = practising.of(now.order().id());
        return new BenchView(
                now.order().revision(),
                now(play),
                play.map(Practising.Play::seed).orElse(null),
                scales.of(play.isPresent()).read().isPresent(),
                laid.steps(),
                pressed,
                log.newest(now.mixed().stream().map(Kept::id).toList()),
                laid.bags(),
                BenchView.Base.of(recipe),
                hand.cookie(),
                hand.nextOrder(),
                planner.fullness(now.order().details()),
                recipe.key(),
                settings.mean(recipe.ofFreshWhite() ? Habit.FRESH_WHITE_DAYS : Habit.POWDER_DAYS),
                now.others().stream().map(BenchView.Other::of).toList(),
                now.leftOut());
    }

    /**
     * Takes what was pressed; the same twice counts once. What is begun to be mixed comes off the shelf, and back onto it where that is undone.
     *
     * @return how far the times of all that was pressed were moved, where the device's clock is wrong
     * @throws Refused when it is of no work of this order
     */
    @Transactional(propagation = Propagation.NOT_SUPPORTED)
    public Duration press(long order, List<BenchEvent> pressed) {
        DeviceClock.Right right = DeviceClock.of(pressed, now(practising.of(order)));
        List<BenchEvent> events = right.events();
        // What was pressed is kept, and others hear of it, before it is worked out what follows.
        boolean isPlayed = Boolean.TRUE.equals(transactions.execute(kept -> {
            boolean inPlay = practising.of(order).isPresent();
            byOrder(order, together.leading(order), events).forEach((of, own) -> log.add(of, own, inPlay));
            return inPlay;
        }));
        if (events.stream().anyMatch(event -> TAKES.contains(event.what()))) {
            transactions.executeWithoutResult(follows -> {
                WorkOnClock.Work now = work.of(order);
                boolean wasMixing = mixings.hasStarted(now.leading().id());
                follow(now);
                if (isPlayed && !wasMixing && mixings.hasStarted(now.leading().id())) {
                    practising.beganMixing(order);
                }
            });
        }
        return right.by();
    }

    /** In play the clock of that. */
    private Instant now(Optional<Practising.Play> play) {
        return clock.instant()
                .plusSeconds(play.map(Practising.Play::aheadSeconds).orElse(0L));
    }

    /** What was pressed for an order since; without what has to be planned for it. */
    @Transactional(readOnly = true)
    public BenchView.Since since(long order, long after, Duration moved) {
        Set<Long> orders = new TreeSet<>(together.numbers(order));
        Optional<Practising.Play> play = practising.of(order);
        return new BenchView.Since(
                now(play),
                play.map(Practising.Play::seed).orElse(null),
                log.newest(orders),
                log.after(orders, after),
                moved.toSeconds());
    }

    /** Leaves the practice kitchen: what was pressed in it is taken back, and what that took off the shelf is put back. */
    public void endPlay(long order) {
        practising.of(order).ifPresent(play -> {
            WorkOnClock.Work now = work.of(order);
            List<BenchEvent> played = log.practised(List.of(order, now.leading().id()));
            // After all of it, which may be ahead of the clock: so that what was taken back in play does not come
            // again, and what play took back does.
            Instant end = played.stream()
                    .map(BenchEvent::at)
                    .reduce(clock.instant(), (one, other) -> one.isAfter(other) ? one : other)
                    .plusMillis(1);
            List<BenchEvent> back =
                    played.stream().map(event -> undoing(event, end)).toList();
            byOrder(order, now.leading().id(), back).forEach((of, own) -> log.add(of, own, false));
            follow(now);
            if (play.beganMixing()) {
                mixings.restart(now.leading().id());
            }
            practising.end(order);
        });
    }

    /** By the same id for the same event: of a play that ended before it is there already. */
    private static BenchEvent undoing(BenchEvent event, Instant at) {
        String id = UUID.nameUUIDFromBytes(event.id().getBytes(StandardCharsets.UTF_8))
                .toString();
        return new BenchEvent(id, at, "", BenchEvent.Pressed.UNDONE, event.step(), 0, event.id());
    }

    /** Takes off the shelf what was begun, and keeps the plan that is mixed by. What was done so before is not done twice. */
    private void follow(WorkOnClock.Work now) {
        BenchLayout.Laid laid = layout.laid(now);
        List<BenchView.Step> steps = laid.steps();
        shelf.lock(now.leading().id());
        Set<Long> orders = Set.copyOf(List.of(now.order().id(), now.leading().id()));
        Map<Long, Happened> happened = log.happened(orders);
        boolean mixes = steps.stream()
                .filter(step -> step.doing() == Task.Work.BASE)
                .anyMatch(step -> OffTheShelf.isBegun(step, happened));
        if (mixes) {
            mixings.start(now.leading().id());
        }
        int kept = mixings.additions(now.leading().id());
        boolean mixesMore = steps.stream()
                .filter(step -> step.doing() == Task.Work.BASE || step.doing() == Task.Work.BOWL)
                .anyMatch(step -> step.addition() > kept && OffTheShelf.isBegun(step, happened));
        if (mixesMore) {
            mixings.mixMore(now.leading().id());
        }
        shelf.take(steps, laid.bags(), happened, log.of(orders));
    }

    /** Mixing is pressed under the order that leads it. */
    private static Map<Long, List<BenchEvent>> byOrder(long order, long leading, List<BenchEvent> events) {
        Map<Long, List<BenchEvent>> byOrder = new TreeMap<>();
        for (BenchEvent event : events) {
            boolean isOwn = event.step().startsWith(order + " ");
            byOrder.computeIfAbsent(isOwn ? order : leading, id -> new ArrayList<>())
                    .add(event);
        }
        return byOrder;
    }
}
