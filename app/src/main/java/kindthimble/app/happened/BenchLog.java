package kindthimble.app.happened;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.app.live.Changed;
import kindthimble.app.live.DatabaseReturned;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.Happened;
import kindthimble.core.words.Refused;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what was pressed at the bench, and says what is so now. */
@Service
@Transactional
public class BenchLog {
    private static final int MOST_OF_ORDER = 20_000;
    private static final int LONGEST_ID = 60;
    private static final int LONGEST_STEP = 160;
    private static final int LONGEST_WORDS = 200;
    private static final double MOST = 1_000_000;
    private static final int BEHIND = 50;
    private static final int REMEMBERED = 100;

    private final BenchEventRepository events;
    private final Clock clock;
    private final ApplicationEventPublisher published;
    private final JsonMapper json;
    private final Cache<Key, Happened> known =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private record Key(long order, long events) {}

    BenchLog(BenchEventRepository events, Clock clock, ApplicationEventPublisher published, JsonMapper json) {
        this.json = json;
        this.events = events;
        this.clock = clock;
        this.published = published;
    }

    @EventListener(DatabaseReturned.class)
    @Transactional(propagation = Propagation.SUPPORTS)
    void forgetWhatIsKnown() {
        known.invalidateAll();
    }

    /** All that was pressed for some orders, as it arrived. */
    @Transactional(readOnly = true)
    public List<BenchEvent> of(Collection<Long> orders) {
        return events.of(orders).stream().map(BenchEventEntity::event).toList();
    }

    /** Number of what was pressed last for some orders; 0 for nothing. */
    @Transactional(readOnly = true)
    public long newest(Collection<Long> orders) {
        Long newest = events.newest(orders);
        return newest == null ? 0 : newest;
    }

    /**
     * What was pressed for some orders since something was, and a little before that: numbers are given out before all of them can be seen, so that one may
     * come in behind another.
     */
    @Transactional(readOnly = true)
    public List<BenchEvent> after(Collection<Long> orders, long number) {
        return events.after(orders, number - BEHIND).stream()
                .map(BenchEventEntity::event)
                .toList();
    }

    /** All that was pressed for some orders while they were played. */
    @Transactional(readOnly = true)
    public List<BenchEvent> practised(Collection<Long> orders) {
        return events.practised(orders).stream().map(BenchEventEntity::event).toList();
    }

    /** What is so now, by order; nothing of an order of which nothing was pressed. */
    @Transactional(readOnly = true)
    public Map<Long, Happened> happened(Collection<Long> orders) {
        Map<Long, Happened> happened = new HashMap<>();
        for (Object[] row : events.counts(orders)) {
            long order = (Long) row[0];
            happened.put(order, known.get(new Key(order, (Long) row[1]), key -> Happened.of(of(List.of(order)))));
        }
        return happened;
    }

    /**
     * Keeps events; those that are there already are left as they are.
     *
     * @param practised whether they are played, and teach nothing
     * @throws Refused when one can't be meant; nothing is kept then
     */
    public void add(long order, List<BenchEvent> pressed, boolean practised) {
        if (events.countByOrderId(order) + pressed.size() > MOST_OF_ORDER) {
            throw new Refused("", "More was pressed for this order than is kept. Nothing of it was added.");
        }
        int added = 0;
        for (BenchEvent event : pressed) {
            check(order, event);
            added += events.add(
                    event.id(),
                    order,
                    event.at(),
                    event.device(),
                    event.what().name(),
                    event.step(),
                    event.amount(),
                    event.words(),
                    practised,
                    clock.instant(),
                    event.against() == null ? null : json.writeValueAsString(event.against()));
        }
        if (added > 0 && !practised && pressed.stream().anyMatch(BenchLog::teaches)) {
            published.publishEvent(new Taught());
        }
        if (added > 0) {
            published.publishEvent(new Changed(order, Changed.NOT_THE_ORDER, events.countByOrderId(order)));
        }
    }

    private static boolean teaches(BenchEvent event) {
        return event.what() == BenchEvent.Pressed.UNDONE || event.against() != null;
    }

    /** Something was pressed, or taken back, that the notebook may learn from. */
    public record Taught() {}

    /**
     * How much was pressed in earnest, by order: of those from which something may be learnt.
     */
    @Transactional(readOnly = true)
    public Map<Long, Long> telling() {
        Map<Long, Long> telling = new TreeMap<>();
        events.telling().forEach(row -> telling.put((Long) row[0], (Long) row[1]));
        return telling;
    }

    /** All that was pressed for an order in earnest, with what plan it was pressed against. */
    @Transactional(readOnly = true)
    public List<BenchEvent> inEarnest(long order) {
        return events.inEarnest(order).stream().map(BenchEventEntity::whole).toList();
    }

    private static void check(long order, BenchEvent event) {
        boolean canBe = !event.id().isEmpty()
                && event.id().length() <= LONGEST_ID
                && event.device().length() <= LONGEST_ID
                && event.step().length() <= LONGEST_STEP
                && event.step().startsWith(order + " ")
                && event.words().length() <= LONGEST_WORDS
                && Math.abs(event.amount()) <= MOST
                && event.words().indexOf('\0') < 0
                && event.step().indexOf('\0') < 0
                && event.device().indexOf('\0') < 0
                && event.id().indexOf('\0') < 0;
        if (!canBe) {
            throw new Refused("events", "There is no such piece of work at the bench of this order.");
        }
    }
}
