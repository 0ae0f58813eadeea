package kindthimble.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.core.design.Cookie;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.Icing;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.MixingOrder;

/** All that has to be done for orders, from the dough to the label, tray by tray: what the clock places. */
public final class WorkList {
    private static final int MINUTE = 60;
    private static final int HOUR = 60 * MINUTE;
    private static final int DAY = 24 * HOUR;
    private static final double TRAY_MORE = 0.1;

    private final double dryingTimes;
    private final Habits habits;
    private final List<Task> tasks = new ArrayList<>();

    private WorkList(double dryingTimes, Habits habits) {
        this.dryingTimes = dryingTimes;
        this.habits = habits;
    }

    private int seconds(Habit habit, int secondsEach) {
        return (int) Math.round(habits.mean(habit) * secondsEach);
    }

    private int drying(double minutes) {
        return (int) Math.ceil(minutes * dryingTimes * MINUTE - 1e-6);
    }

    /**
     * An order as work.
     *
     * @param id its number
     * @param mixedWith number of the order that leads its mixing; its own where it is mixed by itself
     * @param designs what is iced
     * @param mixing in what order its bowls are mixed; of an order that another one leads, nothing
     * @param deep keys of colours that darken while they rest
     * @param mothers by the key of a bowl that is let down from another one, the key of that
     * @param fresh whether its icing is made of fresh egg white
     * @param bowlOf by the key of a colour, that of the bowl which it comes out of; its own where there is none
     * @param doughGrams of its dough, making by making: what was begun, and what is made more since; empty for one that is not weighed yet
     */
    public record Order(
            long id,
            long mixedWith,
            List<Design> designs,
            List<MixingOrder.Step> mixing,
            Set<String> deep,
            Map<String, String> mothers,
            boolean fresh,
            Map<String, String> bowlOf,
            List<Double> doughGrams) {
        public Order {
            doughGrams = List.copyOf(doughGrams);
            mothers = Map.copyOf(mothers);
            bowlOf = Map.copyOf(bowlOf);
            designs = List.copyOf(designs);
            mixing = List.copyOf(mixing);
            deep = Set.copyOf(deep);
        }

        /** One whose colours need no rest, of dried white. */
        public Order(long id, long mixedWith, List<Design> designs, List<MixingOrder.Step> mixing) {
            this(id, mixedWith, designs, mixing, Set.of(), Map.of(), false, Map.of(), List.of());
        }
    }

    /**
     * @param id number of the design
     * @param cookies how many are iced, spares with them
     * @param bare how many are baked beside them
     * @param cookie the design, measured
     * @param split numbers of trays that are done in two halves; the second ones come after all others
     */
    public record Design(long id, int cookies, int bare, Cookie cookie, Set<Integer> split) {
        public Design {
            split = Set.copyOf(split);
        }

        /** One whose trays are whole. */
        public Design(long id, int cookies, int bare, Cookie cookie) {
            this(id, cookies, bare, cookie, Set.of());
        }

        /** How many cookies are on each tray: evenly, and a tenth more than it should have before another one is begun. */
        List<Integer> trays(int most) {
            int number = Math.max(1, (int) Math.ceil(cookies / Math.ceil(most * (1 + TRAY_MORE)) - 1e-9));
            List<Integer> trays = new ArrayList<>();
            List<Integer> halves = new ArrayList<>();
            for (int i = 0; i < number; i++) {
                int n = cookies / number + (i < cookies % number ? 1 : 0);
                boolean halved = n > 1 && split.contains(i + 1);
                trays.add(halved ? n - n / 2 : n);
                if (halved) {
                    halves.add(n / 2);
                }
            }
            trays.addAll(halves);
            return trays;
        }

        int baked() {
            return cookie.onFilm() ? 0 : cookies + bare;
        }
    }

    /** The tasks of all orders in still air; each waits only for such as stand before it. */
    public static List<Task> of(List<Order> orders, Habits habits) {
        return of(orders, 1, habits);
    }

    /**
     * The tasks of all orders; each waits only for such as stand before it.
     *
     * @param dryingTimes in how many times the time of still air iced trays dry; 1 for still air
     */
    public static List<Task> of(List<Order> orders, double dryingTimes, Habits habits) {
        WorkList list = new WorkList(dryingTimes, habits);
        Map<Long, MixingTasks> mixings = new HashMap<>();
        for (Order order : orders) {
            MixingTasks mixing = new MixingTasks(order, habits);
            mixings.put(order.id, mixing);
            list.tasks.addAll(mixing.tasks());
        }
        orders.forEach(order -> list.order(order, mixings.getOrDefault(order.mixedWith, mixings.get(order.id))));
        return list.tasks;
    }

    /** When all of an order has to be ready for its hand-over; both in seconds since the epoch. */
    public static long readySeconds(long handOver, Habits habits) {
        return handOver - Math.round(habits.mean(Habit.BUFFER_MINUTES) * MINUTE);
    }

    /** From when on the cookies of an order may be baked, so that they are fresh when it is handed over; both in seconds since the epoch. */
    public static long bakedFrom(long handOver, Habits habits) {
        return handOver - Math.round(habits.mean(Habit.ICED_DAYS) * DAY);
    }

    private int minutes(Habit habit) {
        return (int) Math.round(habits.mean(habit) * MINUTE);
    }

    private void order(Order order, MixingTasks mixing) {
        List<Design> iced =
                order.designs.stream().filter(design -> design.cookies > 0).toList();
        if (iced.isEmpty()) {
            return;
        }
        DoughTasks dough = new DoughTasks(order, habits);
        tasks.addAll(dough.tasks());
        List<Task.Wait> packed = new ArrayList<>();
        for (Design design : iced) {
            List<String> loads = baked(order, design, dough);
            packed.addAll(iced(order, design, loads, mixing));
        }
        tasks.add(Task.made(
                order.id + " label", Task.Work.LABEL, order.id, 0, null, minutes(Habit.LABEL_MINUTES), packed));
    }

    /** Loads of the oven: cut, chilled, baked; the small cookies that are set on others by themselves. */
    private List<String> baked(Order order, Design design, DoughTasks dough) {
        List<String> loads = new ArrayList<>();
        String key = order.id + " " + design.id;
        baked(order, design, key, design.baked(), design.cookie.baked(), dough, loads);
        for (Cookie.Top top : design.cookie.tops()) {
            baked(order, design, key + " top " + top.move(), design.baked() * top.each(), top.baked(), dough, loads);
        }
        return loads;
    }

    private void baked(
            Order order, Design design, String key, int pieces, Region shape, DoughTasks dough, List<String> loads) {
        int most = Oven.load(shape, habits);
        for (int left = pieces, load = 1; left > 0; left -= most, load++) {
            int n = Math.min(most, left);
            String cut = key + " cut " + load;
            tasks.add(new Task(
                    cut,
                    Task.Work.CUT,
                    order.id,
                    design.id,
                    0,
                    load,
                    null,
                    n,
                    Math.max(1, (int) Math.round(n * habits.mean(Habit.CUT_SECONDS))),
                    0,
                    dough.forCut(n * shape.areaMm2())));
            String bake = key + " bake " + load;
            tasks.add(new Task(
                    bake,
                    Task.Work.BAKE,
                    order.id,
                    design.id,
                    0,
                    load,
                    null,
                    n,
                    Math.max(1, minutes(Habit.LOAD_MINUTES)),
                    (int) Math.round(Oven.minutes(shape, habits) * MINUTE),
                    List.of(new Task.Wait(cut, minutes(Habit.CUT_CHILL_MINUTES), Task.Why.CHILL))));
            loads.add(bake);
        }
    }

    /** Passes tray by tray, and packing; what the label waits for. */
    private List<Task.Wait> iced(Order order, Design design, List<String> loads, MixingTasks mixing) {
        Hands hands = Hands.on(design.cookie.marks(), habits);
        Map<Integer, Double> seconds = new TreeMap<>();
        Map<Integer, Map<String, Double>> colours = new HashMap<>();
        for (int i = 0; i < design.cookie.marks().size(); i++) {
            int pass = design.cookie.marks().get(i).pass();
            seconds.merge(pass, hands.of(i), Double::sum);
            Icing icing = design.cookie.marks().get(i).mark().icing();
            if (icing != null) {
                colours.computeIfAbsent(pass, p -> new TreeMap<>())
                        .merge(
                                order.bowlOf.getOrDefault(icing.colour(), icing.colour()),
                                design.cookie.marks().get(i).mark().volumeMm3(),
                                Double::sum);
            }
        }
        List<Integer> trays = design.trays(habits.pieces(Habit.TRAY_COOKIES));
        int icedBefore = 0;
        List<Task.Wait> packed = new ArrayList<>();
        for (int tray = 1; tray <= trays.size(); tray++) {
            int n = trays.get(tray - 1);
            String before = null;
            double beforeSeconds = 0;
            // Each pass dries by itself: a thick coat may do so for longer than what was piped on it hours later.
            List<Drying> drying = new ArrayList<>();
            int since = 0;
            boolean isBare = true;
            String stand = order.id + " " + design.id + " tray " + tray;
            for (Passes.Pass pass : design.cookie.passes()) {
                double each = seconds.getOrDefault(pass.number(), 0.0);
                if (each <= 0) {
                    continue;
                }
                List<Task.Wait> waits = new ArrayList<>();
                Map<String, Double> used = colours.getOrDefault(pass.number(), Map.of());
                for (String colour : used.keySet()) {
                    mixing.needs(
                            order,
                            colour,
                            icedBefore / (double) design.cookies,
                            (icedBefore + n) / (double) design.cookies,
                            waits);
                }
                if (before != null) {
                    // Cookie by cookie in the same order: the gate of the first, or of the last, decides.
                    double saved = (n - 1) * Math.min(each, beforeSeconds);
                    int gate = (int) Math.max(0, drying(pass.waitMinutes()) - Math.floor(saved));
                    waits.add(new Task.Wait(before, gate, Task.Why.GATE));
                    since += gate;
                }
                // What is made ahead needs no cookie; the first pass on one needs it cool.
                boolean isOnCookie = pass.number() > Passes.AHEAD;
                if (isOnCookie) {
                    int keeps = isBare ? seconds(Habit.BARE_DAYS, DAY) : Task.Wait.NO_END;
                    if (isBare) {
                        drying.clear();
                    }
                    isBare = false;
                    loads.forEach(
                            load -> waits.add(new Task.Wait(load, minutes(Habit.COOL_MINUTES), keeps, Task.Why.COOL)));
                }
                String key = order.id + " " + design.id + " pass " + pass.number() + " tray " + tray;
                tasks.add(new Task(
                        key,
                        Task.Work.ICE,
                        order.id,
                        design.id,
                        pass.number(),
                        tray,
                        used.entrySet().stream()
                                .max(Map.Entry.comparingByValue())
                                .map(Map.Entry::getKey)
                                .orElse(null),
                        n,
                        (int) Math.ceil(n * each + habits.mean(Habit.SET_OUT_SECONDS)),
                        0,
                        waits,
                        isOnCookie ? stand : null));
                before = key;
                beforeSeconds = each;
                int dryAt = since + drying(pass.dryMinutes());
                drying.removeIf(earlier -> earlier.dryAt() <= dryAt);
                drying.add(new Drying(key, drying(pass.dryMinutes()), dryAt));
            }
            icedBefore += n;
            packed.add(new Task.Wait(
                    packed(order, design, tray, n, drying, loads, isBare ? null : stand), 0, Task.Why.NEEDS));
        }
        return packed;
    }

    /**
     * A pass that dries.
     *
     * @param task its key
     * @param seconds from its end until it may be packed
     * @param dryAt the same from the end of the first pass on, where each comes as soon as it may
     */
    private record Drying(String task, int seconds, int dryAt) {}

    private String packed(
            Order order, Design design, int tray, int n, List<Drying> drying, List<String> loads, String stand) {
        List<Task.Wait> waits = new ArrayList<>();
        if (drying.isEmpty()) {
            loads.forEach(load -> waits.add(new Task.Wait(load, minutes(Habit.COOL_MINUTES), Task.Why.COOL)));
        }
        drying.forEach(one -> waits.add(new Task.Wait(one.task(), one.seconds(), Task.Why.DRY_THROUGH)));
        String key = order.id + " " + design.id + " pack " + tray;
        tasks.add(new Task(
                key,
                Task.Work.PACK,
                order.id,
                design.id,
                0,
                tray,
                null,
                n,
                Math.max(1, (int) Math.round(n * habits.mean(Habit.PACK_SECONDS))),
                0,
                waits,
                stand));
        return key;
    }
}
