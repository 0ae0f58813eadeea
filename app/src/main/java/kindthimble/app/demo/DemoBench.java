package kindthimble.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kindthimble.app.bench.BenchService;
import kindthimble.app.bench.BenchView;
import kindthimble.app.happened.BenchLog;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.BenchEvent.Pressed;
import kindthimble.core.work.Task;
import org.springframework.stereotype.Component;

/**
 * An order that is half-way at the bench: baked, two bowls mixed, one tray drying, and of another one six cookies iced and one broken, out of a bag that
 * will run short. Pressed on no device, so that whoever comes goes on.
 */
@Component
class DemoBench {
    private static final List<String> MIXED = List.of("celadon", "cream");
    private static final String DRIES = "Opening badge";
    private static final String ICED = "Tall vase";
    private static final int ICED_COOKIES = 6;
    private static final int BROKEN = 3;
    private static final double HAND = 1.25;
    private static final int MINUTE = 60;
    private static final int BAKED_MINUTES_AGO = 900;
    private static final int MIXED_MINUTES_AGO = 120;
    private static final int DRIES_SINCE_MINUTES = 40;
    private static final int ICED_SINCE_MINUTES = 14;

    private final BenchService bench;
    private final BenchLog log;
    private final Clock clock;

    DemoBench(BenchService bench, BenchLog log, Clock clock) {
        this.bench = bench;
        this.log = log;
        this.clock = clock;
    }

    void halfWay(long order) {
        List<BenchEvent> events = new ArrayList<>();
        for (BenchView.Step step : bench.unplanned(order)) {
            switch (step.doing()) {
                case DOUGH, CUT, BAKE -> events.add(done(step, BAKED_MINUTES_AGO));
                case BASE -> events.add(done(step, MIXED_MINUTES_AGO));
                case BOWL -> {
                    if (MIXED.contains(step.colour())) {
                        events.add(done(step, MIXED_MINUTES_AGO));
                    }
                }
                case ICE -> events.addAll(iced(step));
                default -> {
                    // Not yet.
                }
            }
        }
        log.add(order, events, false);
    }

    private List<BenchEvent> iced(BenchView.Step step) {
        List<BenchEvent> events = new ArrayList<>();
        if (step.pass() != 1 || step.tray() != 1) {
            return events;
        }
        if (step.name().equals(DRIES)) {
            events.add(done(step, DRIES_SINCE_MINUTES));
        } else if (step.name().equals(ICED)) {
            events.add(event(Pressed.BEGUN, step, ICED_SINCE_MINUTES, 0, ""));
            for (int n = 1; n <= ICED_COOKIES; n++) {
                events.add(event(Pressed.ICED, step, ICED_SINCE_MINUTES - 2.0 * n, n, ""));
            }
            events.add(event(Pressed.BROKE, step, 1, BROKEN, ""));
            step.bags().stream()
                    .filter(bag -> bag.fullGrams() > 0)
                    .max((a, b) -> Double.compare(a.eachGrams(), b.eachGrams()))
                    .ifPresent(bag -> events.add(event(
                            Pressed.BAG,
                            step,
                            0.5,
                            Math.max(bag.keepsGrams(), bag.fullGrams() - HAND * ICED_COOKIES * bag.eachGrams()),
                            bag.key())));
        }
        return events;
    }

    private BenchEvent done(BenchView.Step step, double minutesAgo) {
        double dough = step.doing() == Task.Work.DOUGH
                ? step.weighed().stream().mapToDouble(BenchView.Line::grams).sum()
                : 0;
        return event(Pressed.DONE, step, minutesAgo, dough, "");
    }

    private BenchEvent event(Pressed what, BenchView.Step step, double minutesAgo, double amount, String words) {
        Instant at = clock.instant().minusSeconds(Math.round(minutesAgo * MINUTE));
        return new BenchEvent(UUID.randomUUID().toString(), at, "", what, step.key(), amount, words);
    }
}
