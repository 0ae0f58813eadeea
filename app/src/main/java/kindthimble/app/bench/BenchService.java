package kindthimble.app.bench;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.clock.WorkOnClock;
import kindthimble.app.device.Scales;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.happened.Practising;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.Kept;
import kindthimble.app.shop.ShopService;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.ThinningCurve;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows an order at the bench, and takes what is pressed there. */
@Service
@Transactional
public class BenchService {
    private static final double PERCENT = 100;

    private final WorkOnClock work;
    private final BenchLog log;
    private final Practising practising;
    private final MixingService mixings;
    private final BenchLayout layout;
    private final ShopService shop;
    private final OffTheShelf shelf;
    private final Scales scales;
    private final Clock clock;

    BenchService(
            WorkOnClock work,
            BenchLog log,
            Practising practising,
            MixingService mixings,
            BenchLayout layout,
            ShopService shop,
            OffTheShelf shelf,
            Scales scales,
            Clock clock) {
        this.work = work;
        this.log = log;
        this.practising = practising;
        this.mixings = mixings;
        this.layout = layout;
        this.shop = shop;
        this.shelf = shelf;
        this.scales = scales;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public BenchView view(long order) {
        WorkOnClock.Work now = work.of(order);
        return view(now, layout.steps(now));
    }

    /** The steps of an order, before anything is planned. */
    @Transactional(readOnly = true)
    public List<BenchView.Step> unplanned(long order) {
        return layout.steps(work.unplanned(order));
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
        List<BenchView.Step> steps = layout.steps(now);
        Map<Long, Happened> happened = log.happened(byOrder.keySet());
        boolean mixes = steps.stream()
                .filter(step -> step.doing() == Task.Work.BASE)
                .anyMatch(step -> OffTheShelf.isBegun(step, happened));
        if (mixes) {
            mixings.start(now.leading().id());
        }
        shelf.take(steps, happened);
    }
}
