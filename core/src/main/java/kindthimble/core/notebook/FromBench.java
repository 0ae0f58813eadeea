package kindthimble.core.notebook;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import kindthimble.core.bench.Against;
import kindthimble.core.bench.BagUsed;
import kindthimble.core.bench.BenchEvent;
import kindthimble.core.bench.BenchEvent.Pressed;
import kindthimble.core.bench.Happened;

/**
 * Reads notes out of what was pressed at the bench. It depends on the presses alone: one that is taken back takes its note back, and a better
 * reading of old ones needs nothing stored anew. What nobody said of which plan it was pressed against teaches nothing.
 */
public final class FromBench {
    static final String ICING = "icing";
    static final String SET_OUT = "set out";

    private static final double COARSE_STEP_GRAMS = 1;
    private static final double FINE_STEP_GRAMS = 0.1;

    /** Shorter than this nobody has worked: it was pressed afterwards. */
    private static final double LEAST_SECONDS = 5;

    private final String order;
    private final ZoneId zone;
    private final Set<String> kept;
    private final List<Note> notes = new ArrayList<>();

    private FromBench(String order, ZoneId zone, Set<String> kept) {
        this.order = order;
        this.zone = zone;
        this.kept = kept;
    }

    /**
     * @param order whose bench it is
     * @param events of it, in any order
     * @param zone by whose days notes are dated
     * @param kept ids of notes that count however improbable they are
     * @return its notes, by the time of what they are of; none of them is called as another
     */
    public static List<Note> notes(String order, Collection<BenchEvent> events, ZoneId zone, Set<String> kept) {
        FromBench from = new FromBench(order, zone, kept);
        Map<String, List<BenchEvent>> steps = new LinkedHashMap<>();
        Happened.standing(events)
                .forEach(event -> steps.computeIfAbsent(event.step(), step -> new ArrayList<>())
                        .add(event));
        steps.values().forEach(from::read);
        from.bags(Happened.standing(events));
        return from.notes.stream().filter(FromBench::canBe).toList();
    }

    /** What a device has sent that can't be is no note, and keeps nobody from learning of the others. */
    private static boolean canBe(Note note) {
        try {
            note.check();
            return true;
        } catch (BadNote bad) {
            return false;
        }
    }

    private Note.Taken taken(String id, Instant at) {
        return new Note.Taken(id, at.atZone(zone).toLocalDate(), null, kept.contains(id));
    }

    private void read(List<BenchEvent> step) {
        counts(step);
        trials(step);
        lasted(step);
    }

    /** Each line that was drawn, by the water that was in by then. */
    private void counts(List<BenchEvent> step) {
        double water = 0;
        for (BenchEvent event : step) {
            Against plan = event.against();
            if (event.what() == Pressed.WATER) {
                water += event.amount();
            } else if (event.what() == Pressed.COUNT && plan != null && plan.recipe() != null && event.amount() > 0) {
                notes.add(new Note.Count(
                        taken(event.id(), event.at()),
                        plan.recipe(),
                        100 * Math.max(0, water) / plan.baseGrams(),
                        event.amount(),
                        plan.ownSeconds()));
            }
        }
    }

    /**
     * Trial cookies: {@code bare} and {@code iced}, and so on with {@code bare 2}. They are noted when their tray is done: until then they speak for their own
     * order, and would be counted twice there.
     */
    private void trials(List<BenchEvent> step) {
        if (step.stream().noneMatch(event -> event.what() == Pressed.DONE)) {
            return;
        }
        Map<String, Double> bare = new HashMap<>();
        Map<String, BenchEvent> iced = new TreeMap<>();
        for (BenchEvent event : step) {
            if (event.what() != Pressed.WEIGHED) {
                continue;
            }
            if (event.words().matches("bare( \\d+)?")) {
                bare.put(event.words().substring("bare".length()), event.amount());
            } else if (event.words().matches("iced( \\d+)?")) {
                iced.put(event.words().substring("iced".length()), event);
            }
        }
        iced.forEach((nth, event) -> {
            Against plan = event.against();
            Double before = bare.get(nth);
            if (plan == null || before == null || plan.school() == null || !(plan.coatGrams() > 0)) {
                return;
            }
            double other = plan.icedGrams() - plan.coatGrams();
            if (event.amount() - before - other > 0) {
                notes.add(new Note.Cookie(
                        taken(event.id(), event.at()),
                        order,
                        plan.school(),
                        before,
                        event.amount(),
                        plan.coatGrams(),
                        other,
                        step(before, event.amount())));
            }
        });
    }

    /**
     * Each weighing of a bag, since the one before it, when the tray is done at which it was weighed. One that other orders drink from too is left out: what
     * they took is not written here.
     */
    private void bags(List<BenchEvent> standing) {
        Set<String> done = standing.stream()
                .filter(event -> event.what() == Pressed.DONE)
                .map(BenchEvent::step)
                .collect(Collectors.toSet());
        Map<String, BenchEvent> last = new LinkedHashMap<>();
        standing.stream()
                .filter(event -> event.what() == Pressed.BAG
                        && event.against() != null
                        && event.against().bag() != null
                        && event.against().school() != null)
                .forEach(event -> last.put(event.words(), event));
        last.forEach((key, event) -> {
            Against plan = event.against();
            if (plan.bag().fills().isEmpty()
                    || plan.bag().drinks().stream()
                            .anyMatch(drink -> !drink.step().startsWith(order + " "))) {
                return;
            }
            BagUsed before = null;
            for (BagUsed now : BagUsed.of(plan.bag(), standing)) {
                if (done.contains(now.weighed().step())) {
                    bag(key, plan, before, now);
                    before = now;
                }
            }
        });
    }

    private void bag(String key, Against plan, BagUsed before, BagUsed now) {
        int cookies = now.cookies() - (before == null ? 0 : before.cookies());
        double coat = now.coatGrams() - (before == null ? 0 : before.coatGrams());
        double other = now.plannedGrams() - (before == null ? 0 : before.plannedGrams()) - coat;
        double used = now.usedGrams() - (before == null ? 0 : before.usedGrams());
        if (cookies > 0 && coat > 0 && used - other > 0) {
            notes.add(new Note.Bag(
                    taken(now.weighed().id(), now.weighed().at()),
                    order,
                    plan.school(),
                    key,
                    cookies,
                    coat / plan.times() / cookies,
                    used / cookies,
                    other / cookies,
                    step(now.weighed().amount()) / cookies));
        }
    }

    /** What a scale that showed these reads least. */
    private static double step(double... shown) {
        for (double grams : shown) {
            if (grams != Math.rint(grams)) {
                return FINE_STEP_GRAMS;
            }
        }
        return COARSE_STEP_GRAMS;
    }

    /** How long a step took that one device has begun and ended, and what broke in it. */
    private void lasted(List<BenchEvent> step) {
        Instant begun = null;
        BenchEvent done = null;
        Set<String> devices = new TreeSet<>();
        Set<Double> iced = new LinkedHashSet<>();
        Set<Double> broken = new LinkedHashSet<>();
        boolean wasPutOff = false;
        for (BenchEvent event : step) {
            devices.add(event.device());
            switch (event.what()) {
                case BEGUN -> begun = begun == null ? event.at() : begun;
                case DONE -> done = done == null ? event : done;
                case PUT_OFF, CANT -> wasPutOff = true;
                case ICED -> iced.add(event.amount());
                case BROKE -> broken.add(event.amount());
                default -> {
                    // Says nothing of how long it took.
                }
            }
        }
        if (done == null || done.against() == null) {
            return;
        }
        Against plan = done.against();
        if (plan.cookies() > 0) {
            iced.addAll(broken);
            int of = Math.max(plan.cookies(), iced.size());
            notes.add(new Note.Broken(taken(done.id() + " broken", done.at()), "whole", "iced", of, broken.size()));
        }
        double seconds = begun == null ? 0 : Duration.between(begun, done.at()).toMillis() / 1000.0;
        if (wasPutOff || devices.size() > 1 || seconds < LEAST_SECONDS) {
            return;
        }
        if (plan.cookies() > 0 && plan.eachSeconds() > 0) {
            notes.add(new Note.Run(
                    taken(done.id(), done.at()),
                    Map.of(ICING, plan.cookies() * plan.eachSeconds(), SET_OUT, plan.setOutSeconds()),
                    seconds));
        } else if (plan.cookies() == 0 && plan.minutes() > 0) {
            notes.add(new Note.Step(taken(done.id(), done.at()), plan.work(), plan.minutes(), seconds / 60));
        }
    }
}
