package kindthimble.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.design.Cookie;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Box;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.Icing;
import kindthimble.core.passes.Passes;
import kindthimble.core.pour.MixingOrder;

/** All that has to be done for orders, from the dough to the label, tray by tray: what the clock places. */
public final class WorkList {
    private static final int MINUTE = 60;

    private final Habits habits;
    private final List<Task> tasks = new ArrayList<>();

    private WorkList(Habits habits) {
        this.habits = habits;
    }

    /**
     * An order as work.
     *
     * @param id its number
     * @param mixedWith number of the order that leads its mixing; its own where it is mixed by itself
     * @param designs what is iced
     * @param mixing in what order its bowls are mixed; of an order that another one leads, nothing
     */
    public record Order(long id, long mixedWith, List<Design> designs, List<MixingOrder.Step> mixing) {
        public Order {
            designs = List.copyOf(designs);
            mixing = List.copyOf(mixing);
        }
    }

    /**
     * @param id number of the design
     * @param cookies how many are iced, spares with them
     * @param cookie the design, measured
     */
    public record Design(long id, int cookies, Cookie cookie) {}

    /** The tasks of all orders; each waits only for such as stand before it. */
    public static List<Task> of(List<Order> orders, Habits habits) {
        WorkList list = new WorkList(habits);
        Map<Long, Map<String, String>> bowls = new HashMap<>();
        orders.forEach(order -> bowls.put(order.id, list.mixing(order)));
        orders.forEach(order -> list.order(order, bowls.getOrDefault(order.mixedWith, Map.of())));
        return list.tasks;
    }

    /** When all of an order has to be ready for its hand-over; both in seconds since the epoch. */
    public static long readySeconds(long handOver, Habits habits) {
        return handOver - Math.round(habits.mean(Habit.BUFFER_MINUTES) * MINUTE);
    }

    private int minutes(Habit habit) {
        return (int) Math.round(habits.mean(habit) * MINUTE);
    }

    /** Base and bowls; the tasks of the bowls by the key of their colour. */
    private Map<String, String> mixing(Order order) {
        double base = 0;
        Map<String, Double> bowls = new TreeMap<>();
        for (MixingOrder.Step step : order.mixing) {
            if (step.colour() == null) {
                base += step.minutes();
            } else {
                bowls.merge(step.colour(), step.minutes(), Double::sum);
            }
        }
        String mixed = order.id + " base";
        List<Task.Wait> needsBase = new ArrayList<>();
        if (base > 0) {
            add(mixed, Task.Work.BASE, order.id, null, base * MINUTE, List.of());
            needsBase.add(new Task.Wait(mixed, 0, Task.Why.NEEDS));
        }
        Map<String, String> keys = new HashMap<>();
        bowls.forEach((colour, took) -> {
            String key = order.id + " bowl " + colour;
            add(key, Task.Work.BOWL, order.id, colour, took * MINUTE, needsBase);
            keys.put(colour, key);
        });
        return keys;
    }

    private void add(String key, Task.Work doing, long order, String colour, double seconds, List<Task.Wait> waits) {
        tasks.add(new Task(key, doing, order, 0, 0, 0, colour, 0, Math.max(1, (int) Math.round(seconds)), 0, waits));
    }

    private void order(Order order, Map<String, String> bowls) {
        List<Design> iced =
                order.designs.stream().filter(design -> design.cookies > 0).toList();
        if (iced.isEmpty()) {
            return;
        }
        String dough = order.id + " dough";
        add(dough, Task.Work.DOUGH, order.id, null, minutes(Habit.DOUGH_MINUTES), List.of());
        List<Task.Wait> packed = new ArrayList<>();
        for (Design design : iced) {
            List<String> loads = baked(order, design, dough);
            packed.addAll(iced(order, design, loads, bowls));
        }
        add(order.id + " label", Task.Work.LABEL, order.id, null, minutes(Habit.LABEL_MINUTES), packed);
    }

    /** How many cookies lie on a baking tray: rows of boxes with a gap all round each. */
    private int onTray(Cookie cookie) {
        Box box = cookie.baked().box();
        double gap = habits.mean(Habit.BAKING_GAP_MM);
        int across = (int) ((habits.mean(Habit.BAKING_TRAY_WIDTH_MM) + gap) / (box.widthMm() + gap));
        int along = (int) ((habits.mean(Habit.BAKING_TRAY_LENGTH_MM) + gap) / (box.heightMm() + gap));
        return Math.max(1, across * along);
    }

    /** Loads of the oven: cut, chilled, baked. */
    private List<String> baked(Order order, Design design, String dough) {
        int most = onTray(design.cookie) * habits.pieces(Habit.OVEN_TRAYS);
        List<String> loads = new ArrayList<>();
        for (int left = design.cookies, load = 1; left > 0; left -= most, load++) {
            int n = Math.min(most, left);
            String cut = order.id + " " + design.id + " cut " + load;
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
                    List.of(new Task.Wait(dough, minutes(Habit.DOUGH_CHILL_MINUTES), Task.Why.CHILL))));
            String bake = order.id + " " + design.id + " bake " + load;
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
                    minutes(Habit.OVEN_MINUTES),
                    List.of(new Task.Wait(cut, minutes(Habit.CUT_CHILL_MINUTES), Task.Why.CHILL))));
            loads.add(bake);
        }
        return loads;
    }

    /** Passes tray by tray, and packing; what the label waits for. */
    private List<Task.Wait> iced(Order order, Design design, List<String> loads, Map<String, String> bowls) {
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
                                icing.colour(),
                                design.cookie.marks().get(i).mark().volumeMm3(),
                                Double::sum);
            }
        }
        int most = habits.pieces(Habit.TRAY_COOKIES);
        List<Task.Wait> packed = new ArrayList<>();
        for (int left = design.cookies, tray = 1; left > 0; left -= most, tray++) {
            int n = Math.min(most, left);
            String before = null;
            double beforeSeconds = 0;
            for (Passes.Pass pass : design.cookie.passes()) {
                double each = seconds.getOrDefault(pass.number(), 0.0);
                if (each <= 0) {
                    continue;
                }
                List<Task.Wait> waits = new ArrayList<>();
                Map<String, Double> used = colours.getOrDefault(pass.number(), Map.of());
                used.keySet().forEach(colour -> needs(colour, bowls, waits));
                if (before != null) {
                    // Cookie by cookie in the same order: the gate of the first, or of the last, decides.
                    double saved = (n - 1) * Math.min(each, beforeSeconds);
                    waits.add(new Task.Wait(
                            before, (int) Math.max(0, Math.ceil(pass.waitMinutes() * MINUTE - saved)), Task.Why.GATE));
                }
                // What is made ahead needs no cookie; the first pass on one needs it cool.
                if (pass.number() > Passes.AHEAD) {
                    loads.forEach(load -> waits.add(new Task.Wait(load, minutes(Habit.COOL_MINUTES), Task.Why.COOL)));
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
                        waits));
                before = key;
                beforeSeconds = each;
            }
            packed.add(new Task.Wait(packed(order, design, tray, n, before, loads), 0, Task.Why.NEEDS));
        }
        return packed;
    }

    private String packed(Order order, Design design, int tray, int n, String before, List<String> loads) {
        List<Task.Wait> waits = new ArrayList<>();
        if (before == null) {
            loads.forEach(load -> waits.add(new Task.Wait(load, minutes(Habit.COOL_MINUTES), Task.Why.COOL)));
        } else {
            waits.add(new Task.Wait(before, Gate.DRY_THROUGH.minutes(habits) * MINUTE, Task.Why.DRY_THROUGH));
        }
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
                waits));
        return key;
    }

    /** A colour that has no bowl of its own comes out of another one: all of them have to be there. */
    private static void needs(String colour, Map<String, String> bowls, List<Task.Wait> waits) {
        List<String> all = bowls.containsKey(colour) ? List.of(bowls.get(colour)) : List.copyOf(bowls.values());
        for (String bowl : all) {
            if (waits.stream().noneMatch(wait -> wait.task().equals(bowl))) {
                waits.add(new Task.Wait(bowl, 0, Task.Why.NEEDS));
            }
        }
    }
}
