package kindthimble.core.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * What is so now at the bench, worked out from all that was pressed. It depends on the events alone, not on the order in which they arrive or on how
 * often: by their time, and of the same time by their id.
 *
 * @param steps by key, those of which something was pressed
 */
public record Happened(Map<String, StepNow> steps) {
    public static final Happened NOTHING = new Happened(Map.of());

    public Happened {
        steps = Map.copyOf(steps);
    }

    /**
     * @param device that has begun it; null where none has, or it was put off since
     * @param begunAt when it was begun first; null for not yet
     * @param begunGrams how much of it was begun, as it was wanted then; 0 where that was not said
     * @param doneAt when it was done; null for not yet
     * @param putOff how often it was put off
     * @param cant why it can't be done; empty where it can
     * @param water grams that went in, all together
     * @param counts seconds that lines took, each with the grams of water that were in by then
     * @param iced numbers of the cookies that are iced
     * @param everIced numbers of those that were iced, whatever came of them later
     * @param broken numbers of the cookies that broke
     * @param redone numbers of the cookies that were to be iced once more, each as often as that was so
     * @param wrong what went wrong, in order
     * @param weights what was weighed last, by what it was
     * @param added grams that went in beyond the plan, all together, by what it was or into which bag
     * @param bags what was left in a bag when it was weighed, by its colour, with how often a cookie had been iced by then, broken ones with them
     * @param touched the last verdict on what dries; empty for none
     * @param devices on which cookies of it were iced, by name
     */
    public record StepNow(
            String device,
            Instant begunAt,
            double begunGrams,
            Instant doneAt,
            int putOff,
            String cant,
            double water,
            List<Count> counts,
            SortedSet<Integer> iced,
            SortedSet<Integer> everIced,
            SortedSet<Integer> broken,
            List<Integer> redone,
            List<Wrong> wrong,
            Map<String, Double> weights,
            Map<String, Double> added,
            Map<String, Bag> bags,
            Touched touched,
            SortedSet<String> devices) {

        public boolean isDone() {
            return doneAt != null;
        }
    }

    /** A line that took so long to level, when so much water was in. */
    public record Count(double seconds, double water, Instant at) {}

    public record Wrong(int cookie, String cause, Instant at) {}

    public record Bag(double grams, int iced) {}

    /** @param verdict {@code SKINNED} or {@code SOFT} */
    public record Touched(String verdict, Instant at) {}

    /** All that follows from events. */
    public static Happened of(Collection<BenchEvent> events) {
        Map<String, StepNow> steps = new LinkedHashMap<>();
        making(standing(events)).forEach((step, made) -> steps.put(step, made.now()));
        return new Happened(steps);
    }

    private static Map<String, Making> making(List<BenchEvent> standing) {
        Map<String, Making> making = new LinkedHashMap<>();
        standing.forEach(event ->
                making.computeIfAbsent(event.step(), step -> new Making()).take(event));
        return making;
    }

    /** What was pressed and not taken back, each once, by time. */
    public static List<BenchEvent> standing(Collection<BenchEvent> events) {
        List<BenchEvent> inOrder = inOrder(events);
        Set<String> undone = undone(inOrder);
        return inOrder.stream()
                .filter(event -> event.what() != BenchEvent.Pressed.UNDONE && !undone.contains(event.id()))
                .toList();
    }

    /**
     * Of one step.
     *
     * @param iced how often a cookie was iced, those with them that were iced once more
     * @param redone how many were to be iced once more
     * @param lost how many broke before they were iced
     */
    record Counted(int iced, int redone, int lost) {
        static final Counted NONE = new Counted(0, 0, 0);
    }

    /** How the cookies of each step were counted. */
    static Map<String, Counted> counted(List<BenchEvent> standing) {
        Map<String, Counted> counted = new HashMap<>();
        making(standing)
                .forEach((step, made) ->
                        counted.put(step, new Counted(made.timesIced, made.redone.size(), made.lostBefore)));
        return counted;
    }

    private static List<BenchEvent> inOrder(Collection<BenchEvent> events) {
        Map<String, BenchEvent> once = new LinkedHashMap<>();
        events.forEach(event -> once.putIfAbsent(event.id(), event));
        return once.values().stream()
                .sorted(Comparator.comparing(BenchEvent::at).thenComparing(BenchEvent::id))
                .toList();
    }

    /** What is taken back: an undoing can be taken back itself, so the last ones are looked at first. */
    private static Set<String> undone(List<BenchEvent> inOrder) {
        Set<String> undone = new HashSet<>();
        for (int i = inOrder.size() - 1; i >= 0; i--) {
            BenchEvent event = inOrder.get(i);
            if (event.what() == BenchEvent.Pressed.UNDONE && !undone.contains(event.id())) {
                undone.add(event.words());
            }
        }
        return undone;
    }

    /** One step while its events are read. */
    private static final class Making {
        private String device;
        private Instant begunAt;
        private double begunGrams;
        private Instant doneAt;
        private int putOff;
        private String cant = "";
        private double water;
        private int timesIced;
        private int lostBefore;
        private final List<Count> counts = new ArrayList<>();
        private final SortedSet<Integer> iced = new TreeSet<>();
        private final SortedSet<Integer> everIced = new TreeSet<>();
        private final SortedSet<Integer> broken = new TreeSet<>();
        private final List<Integer> redone = new ArrayList<>();
        private final List<Wrong> wrong = new ArrayList<>();
        private final Map<String, Double> weights = new LinkedHashMap<>();
        private final Map<String, Double> added = new LinkedHashMap<>();
        private final Map<String, Bag> bags = new LinkedHashMap<>();
        private Touched touched;
        private final SortedSet<String> devices = new TreeSet<>();
        private final Map<Integer, Counted> icedAs = new HashMap<>();
        private final Map<Counted, Integer> elsewhere = new HashMap<>();

        void take(BenchEvent event) {
            switch (event.what()) {
                case BEGUN -> begin(event);
                case DONE -> {
                    begin(event);
                    doneAt = doneAt == null ? event.at() : doneAt;
                    cant = "";
                }
                case PUT_OFF -> {
                    putOff++;
                    device = null;
                }
                case CANT -> {
                    cant = event.words().isEmpty() ? "not possible now" : event.words();
                    device = null;
                }
                case WEIGHED -> weights.put(event.words(), event.amount());
                case WATER -> water += event.amount();
                case COUNT -> counts.add(new Count(event.amount(), water, event.at()));
                case ICED -> {
                    begin(event);
                    int cookie = icedHere(event);
                    timesIced += iced.add(cookie) ? 1 : 0;
                    everIced.add(cookie);
                    devices.add(event.device());
                }
                case BROKE -> {
                    lostBefore += everIced.contains(cookie(event)) || broken.contains(cookie(event)) ? 0 : 1;
                    iced.remove(cookie(event));
                    broken.add(cookie(event));
                }
                case REDONE -> {
                    // What went wrong in the hand has had its icing as well.
                    timesIced += iced.remove(cookie(event)) ? 0 : 1;
                    everIced.add(cookie(event));
                    redone.add(cookie(event));
                }
                case ADDED -> added.merge(event.words(), event.amount(), Double::sum);
                case WRONG -> wrong.add(new Wrong(cookie(event), event.words(), event.at()));
                case BAG -> bags.put(event.words(), new Bag(event.amount(), timesIced));
                case TOUCHED -> touched = new Touched(event.words(), event.at());
                default -> throw new IllegalArgumentException(event.what() + " is of no step");
            }
        }

        private void begin(BenchEvent event) {
            begunAt = begunAt == null ? event.at() : begunAt;
            boolean isOfStep = event.what() == BenchEvent.Pressed.BEGUN || event.what() == BenchEvent.Pressed.DONE;
            begunGrams = isOfStep && begunGrams == 0 ? event.amount() : begunGrams;
            boolean takesOver =
                    event.what() == BenchEvent.Pressed.BEGUN && event.words().equals(BenchEvent.OVER);
            device = (device == null || takesOver) && !event.device().isEmpty() ? event.device() : device;
            cant = "";
        }

        /** A cookie as a device has counted it. */
        private record Counted(String device, int number) {}

        /** The cookie that an event means: two devices that did not hear of each other have counted each for itself. */
        private int cookie(BenchEvent event) {
            int number = (int) event.amount();
            return elsewhere.getOrDefault(new Counted(event.device(), number), number);
        }

        /** The same when it is iced: where another one was iced under that number, it is the next that nobody has. */
        private int icedHere(BenchEvent event) {
            Counted counted = new Counted(event.device(), (int) event.amount());
            int cookie = cookie(event);
            if (iced.contains(cookie) && !counted.equals(icedAs.get(cookie))) {
                cookie = 1;
                while (everIced.contains(cookie)) {
                    cookie++;
                }
                elsewhere.put(counted, cookie);
            }
            icedAs.put(cookie, counted);
            return cookie;
        }

        StepNow now() {
            return new StepNow(
                    device,
                    begunAt,
                    begunGrams,
                    doneAt,
                    putOff,
                    cant,
                    water,
                    List.copyOf(counts),
                    iced,
                    everIced,
                    broken,
                    List.copyOf(redone),
                    List.copyOf(wrong),
                    Map.copyOf(weights),
                    Map.copyOf(added),
                    Map.copyOf(bags),
                    touched,
                    devices);
        }
    }
}
