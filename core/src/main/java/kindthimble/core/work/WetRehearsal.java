package kindthimble.core.work;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import kindthimble.core.design.Cookie;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Room;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.OnCookie;

/**
 * One cookie of a pass, second by second: each stroke with the seconds of hands that it takes, and how old its own coat is when the last of it goes on. That
 * has to be before the coat is {@link Habit#BEST_WET_SECONDS} old, times the room's factor, the fan off, with a fifth in hand.
 *
 * @param pass its number
 * @param strokes in the order of the design
 * @param limitSeconds how old a coat may be
 * @param sectionBySection the same marks with each coat followed at once by what sinks into it; empty where the design's own order does
 * @param inOneGo how many strokes of the order that is better can be done before the first that comes too late; all of them where none does
 */
public record WetRehearsal(
        int pass, List<Stroke> strokes, double limitSeconds, List<Stroke> sectionBySection, int inOneGo) {
    private static final double IN_HAND = 0.2;

    public WetRehearsal {
        strokes = List.copyOf(strokes);
        sectionBySection = List.copyOf(sectionBySection);
    }

    /**
     * @param move index of the move that it comes from
     * @param colour key of its colour; null for none
     * @param from when it begins, in seconds from the first stroke
     * @param to when it ends
     * @param isCoat whether it is a coat
     * @param coat index of the stroke whose coat it sinks into, of several the oldest; -1 for none
     * @param ageSeconds how old that is when it ends, and so the last of its pieces goes on
     * @param isLate whether that is too old
     */
    public record Stroke(
            int move,
            String colour,
            double from,
            double to,
            boolean isCoat,
            int coat,
            double ageSeconds,
            boolean isLate) {}

    /** Whether all that sinks in comes in time, in the order of the design. */
    public boolean works() {
        return strokes.stream().noneMatch(Stroke::isLate);
    }

    /** The passes of a cookie in which something sinks into a coat. */
    public static List<WetRehearsal> of(Cookie cookie, Habits habits) {
        Hands hands = Hands.on(cookie.marks(), habits);
        Set<Integer> passes = new TreeSet<>();
        for (OnCookie on : cookie.marks()) {
            if (on.mark().gate() == Gate.WET) {
                passes.add(on.pass());
            }
        }
        double limit = habits.mean(Habit.BEST_WET_SECONDS) * Room.times(habits) * (1 - IN_HAND);
        List<WetRehearsal> all = new ArrayList<>();
        for (int pass : passes) {
            List<Integer> own = new ArrayList<>();
            for (int i = 0; i < cookie.marks().size(); i++) {
                if (cookie.marks().get(i).pass() == pass && hands.of(i) > 0) {
                    own.add(i);
                }
            }
            List<Stroke> strokes = played(cookie, hands, own, limit);
            List<Stroke> other = strokes.stream().anyMatch(Stroke::isLate)
                    ? played(cookie, hands, bySections(cookie, own), limit)
                    : List.of();
            all.add(new WetRehearsal(pass, strokes, limit, other, inTime(other.isEmpty() ? strokes : other)));
        }
        return all;
    }

    private static int inTime(List<Stroke> strokes) {
        int n = 0;
        while (n < strokes.size() && !strokes.get(n).isLate) {
            n++;
        }
        return n;
    }

    private static boolean liesOn(Cookie cookie, int mark, int coat) {
        Region covered = cookie.marks().get(coat).mark().covers();
        return !covered.intersection(cookie.marks().get(mark).mark().covers()).isEmpty();
    }

    private static List<Stroke> played(Cookie cookie, Hands hands, List<Integer> order, double limit) {
        List<Stroke> strokes = new ArrayList<>();
        double now = 0;
        for (int i = 0; i < order.size(); i++) {
            OnCookie on = cookie.marks().get(order.get(i));
            int coat = -1;
            if (on.mark().gate() == Gate.WET) {
                for (int before = 0; before < i && coat < 0; before++) {
                    boolean isItsCoat = strokes.get(before).isCoat && liesOn(cookie, order.get(i), order.get(before));
                    coat = isItsCoat ? before : -1;
                }
            }
            double then = now + hands.of(order.get(i));
            double age = coat < 0 ? 0 : then - strokes.get(coat).from;
            strokes.add(new Stroke(
                    on.move(), on.mark().colour(), now, then, on.mark() instanceof Coat, coat, age, age > limit));
            now = then;
        }
        return strokes;
    }

    /** What sinks in goes right behind the last of the coats that it lies on. */
    private static List<Integer> bySections(Cookie cookie, List<Integer> own) {
        Set<Integer> order = new LinkedHashSet<>();
        for (int at : own) {
            if (cookie.marks().get(at).mark().gate() == Gate.WET) {
                continue;
            }
            order.add(at);
            for (int wet : own) {
                boolean isWet = cookie.marks().get(wet).mark().gate() == Gate.WET;
                boolean isReady = isWet
                        && own.stream()
                                .filter(coat ->
                                        cookie.marks().get(coat).mark() instanceof Coat && liesOn(cookie, wet, coat))
                                .allMatch(order::contains);
                if (isReady && cookie.marks().get(at).mark() instanceof Coat && liesOn(cookie, wet, at)) {
                    order.add(wet);
                }
            }
        }
        order.addAll(own);
        return List.copyOf(order);
    }
}
