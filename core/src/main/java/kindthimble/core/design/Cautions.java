package kindthimble.core.design;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Mark;
import kindthimble.core.move.Easier;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Ground;
import kindthimble.core.move.Move;
import kindthimble.core.move.Remedy;
import kindthimble.core.words.Range;

/** What is likely to go wrong with a cookie: what its moves found as they were laid, and what shows only when all are. */
final class Cautions {
    private static final double LEAST_CIRCLE_MM = 3;
    private static final double MOST_CIRCLE_MM = 9;
    private static final double LEAST_OVERLAP_MM2 = 0.5;

    private final Design design;
    private final Region baked;
    private final Region iced;
    private final List<Cookie.OnCookie> marks;
    private final Hands hands;
    private final Habits habits;
    private final List<Cookie.Caution> list = new ArrayList<>();

    private Cautions(
            Design design, Region baked, Region iced, List<Cookie.OnCookie> marks, Hands hands, Habits habits) {
        this.habits = habits;
        this.design = design;
        this.baked = baked;
        this.iced = iced;
        this.marks = marks;
        this.hands = hands;
    }

    static List<Cookie.Caution> of(
            Design design, Region baked, Ground ground, List<Cookie.OnCookie> marks, Hands hands, Habits habits) {
        Cautions cautions = new Cautions(design, baked, ground.whole(), marks, hands, habits);
        ground.warnOfDarkBesideLight();
        ground.warnings().forEach(w -> cautions.add(w.move(), w.sentence(), w.remedy(), w.where()));
        cautions.wetTooLong();
        cautions.tooThick();
        cautions.stackedNearTheEdge();
        cautions.longestMove();
        return cautions.list;
    }

    private void add(int move, String sentence, Remedy remedy, Region where) {
        Region shown = where == null || where.isEmpty() ? iced : where;
        double half = Math.max(shown.box().widthMm(), shown.box().heightMm()) / 2;
        list.add(new Cookie.Caution(
                move,
                sentence,
                remedy == null ? null : remedy.press(),
                remedy == null ? null : remedy.moves().apply(design.moves()),
                remedy == null ? null : remedy.marginMm(),
                shown.inside(),
                Math.min(MOST_CIRCLE_MM, Math.max(LEAST_CIRCLE_MM, half))));
    }

    /** Hands on what must be done while the coat is wet: the coat itself and all that sinks in. */
    private void wetTooLong() {
        Map<Integer, Double> seconds = new TreeMap<>();
        Map<Integer, Cookie.OnCookie> lastSinking = new HashMap<>();
        for (int i = 0; i < marks.size(); i++) {
            Cookie.OnCookie on = marks.get(i);
            Mark mark = on.mark();
            if (mark.gate() == Gate.WET || mark instanceof Coat) {
                seconds.merge(on.pass(), hands.of(i), Double::sum);
            }
            if (mark.gate() == Gate.WET) {
                lastSinking.put(on.pass(), on);
            }
        }
        double limit = habits.mean(Habit.WET_WINDOW_SECONDS) * habits.mean(Habit.SHARE_OF_WET_WINDOW);
        seconds.forEach((pass, wet) -> {
            Cookie.OnCookie last = lastSinking.get(pass);
            if (last != null && wet > limit) {
                Move move = design.moves().get(last.move());
                Remedy fewer = move.easier().press() == null
                        ? null
                        : Remedy.replaced(
                                move.easier().press(),
                                last.move(),
                                m -> move.easier().instead());
                add(
                        last.move(),
                        "Coat and what sinks into it take %.0f s of hands on one cookie; it stays wet enough for about %.0f s. Use fewer marks, or divide the cookie."
                                .formatted(wet, limit),
                        fewer,
                        iced);
            }
        });
    }

    /** Icing that levels and stands thicker than 3.2 mm in the mean runs over the edge. */
    private void tooThick() {
        Map<Integer, Double> sunkMm3 = new HashMap<>();
        Map<Integer, Double> coatedMm2 = new HashMap<>();
        for (Cookie.OnCookie on : marks) {
            if (on.mark().gate() == Gate.WET) {
                sunkMm3.merge(on.pass(), on.mark().volumeMm3(), Double::sum);
            } else if (on.mark() instanceof Coat coat) {
                coatedMm2.merge(on.pass(), coat.areaMm2(), Double::sum);
            }
        }
        Set<Integer> told = new HashSet<>();
        for (Cookie.OnCookie on : marks) {
            if (!(on.mark() instanceof Coat coat)
                    || coat.icing().consistency().countSeconds() > Consistency.LEAST_MEDIUM_SECONDS
                    || coat.areaMm2() == 0) {
                continue;
            }
            double fullness =
                    design.moves().get(on.move()) instanceof Flood f && f.fullness() != null ? f.fullness() : 1;
            double mean =
                    coat.thicknessMm() * fullness + sunkMm3.getOrDefault(on.pass(), 0.0) / coatedMm2.get(on.pass());
            if (mean > habits.mean(Habit.THICKEST_MM) && told.add(on.move())) {
                add(
                        on.move(),
                        "%.1f mm of wet icing in the mean is likely to run over the edge. Take a thinner count, less fullness or fewer wet marks."
                                .formatted(mean),
                        thinner(on.move(), fullness, mean),
                        coat.regions().get(0));
            }
        }
    }

    private Remedy thinner(int at, double fullness, double mean) {
        if (!(design.moves().get(at) instanceof Flood)) {
            return null;
        }
        double less = Math.floor(100 * (fullness - (mean - habits.mean(Habit.THICKEST_MM)) / (mean / fullness))) / 100;
        return less < 0.5 ? null : Remedy.set("Fullness %s".formatted(Range.plain(less)), at, "fullness", less);
    }

    /** Marks that lie on each other while wet, near the edge. */
    private void stackedNearTheEdge() {
        List<Cookie.OnCookie> sunk = marks.stream()
                .filter(on -> on.mark().gate() == Gate.WET && on.mark().icing() != null)
                .toList();
        if (sunk.size() < 2) {
            return;
        }
        Region rim = iced.difference(baked.inset(habits.mean(Habit.NEAR_EDGE_MM)));
        List<Region> near =
                sunk.stream().map(on -> on.mark().covers().intersection(rim)).toList();
        for (int i = 1; i < sunk.size(); i++) {
            for (int j = 0; j < i; j++) {
                Region both = near.get(i).intersection(near.get(j));
                if (sunk.get(i).move() != sunk.get(j).move()
                        && sunk.get(i).pass() == sunk.get(j).pass()
                        && both.areaMm2() > LEAST_OVERLAP_MM2) {
                    add(
                            sunk.get(i).move(),
                            "Wet marks lie on each other within %s mm of the edge: they push icing over it."
                                    .formatted(Range.plain(habits.mean(Habit.NEAR_EDGE_MM))),
                            Remedy.margin(habits.mean(Habit.NEAR_EDGE_MM)),
                            both);
                    break;
                }
            }
        }
    }

    /** One move that takes most of the hands is worth a thought. */
    private void longestMove() {
        Map<Integer, Double> byMove = hands.byMove();
        double all = hands.all();
        byMove.forEach((at, seconds) -> {
            if (byMove.size() > 2 && seconds > habits.mean(Habit.LARGE_SHARE_OF_HANDS) * all) {
                Easier easier = design.moves().get(at).easier();
                add(
                        at,
                        "This move takes %.0f %% of the hands on this cookie. %s"
                                .formatted(100 * seconds / all, easier.sentence()),
                        easier.press() == null ? null : Remedy.replaced(easier.press(), at, move -> easier.instead()),
                        iced);
            }
        });
    }
}
