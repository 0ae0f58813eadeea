package kindthimble.core.mark;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Hands on one cookie, in seconds: what each mark takes, and picking up the bags. Where several icings have to be wet on one cookie
 * together, each is picked up for each cookie; else a tray is gone through with one bag, and a cookie's share of picking it up is small.
 * A bag that goes on in the same pass is not put down between. Nothing is picked up for a dip, or for a stencil, whose seconds hold all.
 */
public final class Hands {
    private final double[] ofMark;
    private final List<OnCookie> marks;

    private record InHand(int pass, String colour, double countSeconds, Icing.Vessel vessel) {}

    private Hands(List<OnCookie> marks) {
        this.marks = marks;
        this.ofMark = new double[marks.size()];
    }

    /**
     * @param marks of one cookie, in order
     * @param habits with the seconds of each kind of work
     */
    public static Hands on(List<OnCookie> marks, Habits habits) {
        Hands hands = new Hands(marks);
        Set<Integer> wetPasses = wetPasses(marks);
        // Of one icing in one pass: the tips it is in hand with. A tipless flood comes out of the bag that outlined.
        Map<InHand, Set<String>> taken = new HashMap<>();
        for (int i = 0; i < marks.size(); i++) {
            OnCookie on = marks.get(i);
            hands.ofMark[i] = on.mark().handSeconds(habits);
            Icing icing = on.mark().icing();
            if (icing == null || !(icing.vessel() == Icing.Vessel.BAG || icing.vessel() == Icing.Vessel.BOTTLE)) {
                continue;
            }
            Set<String> tips = taken.computeIfAbsent(
                    new InHand(on.pass(), icing.colour(), icing.consistency().countSeconds(), icing.vessel()),
                    bag -> new HashSet<>());
            boolean inHand = icing.tip() == null ? !tips.isEmpty() : tips.contains(icing.tip());
            tips.add(icing.tip() == null ? "" : icing.tip());
            if (!inHand) {
                hands.ofMark[i] += wetPasses.contains(on.pass())
                        ? habits.mean(Habit.BAG_SECONDS)
                        : habits.mean(Habit.BAG_SECONDS_BY_THE_TRAY);
            }
        }
        return hands;
    }

    /** The passes in which something sinks into a coat while that is wet, or two coats meet wet. */
    private static Set<Integer> wetPasses(List<OnCookie> marks) {
        Set<Integer> wet = new HashSet<>();
        Map<Integer, String> coats = new HashMap<>();
        for (OnCookie on : marks) {
            Mark mark = on.mark();
            if (mark.gate() == Gate.WET) {
                wet.add(on.pass());
            } else if (mark instanceof Coat coat) {
                String other = coats.putIfAbsent(on.pass(), coat.icing().colour());
                if (other != null && !other.equals(coat.icing().colour())) {
                    wet.add(on.pass());
                }
            }
        }
        return wet;
    }

    /** Of one mark, by its place in the list. */
    public double of(int mark) {
        return ofMark[mark];
    }

    /** All together. */
    public double all() {
        double sum = 0;
        for (double seconds : ofMark) {
            sum += seconds;
        }
        return sum;
    }

    /** Those of one move. */
    public Map<Integer, Double> byMove() {
        Map<Integer, Double> byMove = new TreeMap<>();
        for (int i = 0; i < ofMark.length; i++) {
            byMove.merge(marks.get(i).move(), ofMark[i], Double::sum);
        }
        return byMove;
    }
}
