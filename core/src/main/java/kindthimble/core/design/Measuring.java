package kindthimble.core.design;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Cautions;
import kindthimble.core.caution.IcedCookie;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Division;
import kindthimble.core.move.Move;
import kindthimble.core.move.Sections;
import kindthimble.core.move.Workpiece;
import kindthimble.core.passes.Step;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/** Measures designs: divides the cookie that their cutter gives, and lays their moves on it, one after the other. */
public final class Measuring {
    private final Kitchen kitchen;

    /**
     * @param kitchen whose figures stand in for what a design leaves open
     */
    public Measuring(Kitchen kitchen) {
        this.kitchen = kitchen;
    }

    /**
     * @throws Refused when a number is out of its range, or something does not fit
     */
    public Cookie measure(Design design) {
        design.check();
        try {
            Divided divided = new Divided();
            Cookie cookie = measured(design, divided);
            return cookie.withCautions(
                    new Remedies(tried -> plainly(tried, divided), cookie, kitchen.recipe()).tried());
        } catch (TooMuch tooMuch) {
            throw new Refused("moves", "All moves together: " + tooMuch.getMessage());
        }
    }

    /** A design with what a press would change, its own remedies untried. */
    private Cookie plainly(Design design, Divided divided) {
        design.check();
        return measured(design, divided);
    }

    private Cookie measured(Design design, Divided divided) {
        Kitchen own = kitchen.with(Habit.SPREAD_PERCENT, design.spreadPercent())
                .with(Habit.MARGIN_MM, design.marginMm())
                .with(design.filling());
        List<Move> moves = design.moves().stream().map(move -> move.filled(own)).toList();
        divided.of(design.cutter(), own, moves);
        Region baked = divided.baked;
        Sections sections = divided.sections;
        return cookie(design, Workpiece.laid(design.moves(), moves, baked, sections, own));
    }

    private static Cookie cookie(Design design, Workpiece work) {
        List<OnCookie> marks = work.marks();
        List<Cookie.Section> named = new ArrayList<>();
        work.sections()
                .leaves()
                .forEach((name, region) -> named.add(new Cookie.Section(
                        name,
                        work.coats().isCoated(name)
                                ? work.passes().ofSlot(work.coats().pass(name))
                                : 0,
                        region)));
        Hands hands = Hands.on(marks, work.kitchen().habits());
        IcedCookie iced = new IcedCookie(
                work.given(),
                work.moves(),
                work.baked(),
                work.sections(),
                work.coats(),
                marks,
                marks.stream().collect(Collectors.groupingBy(OnCookie::move)),
                lies(work.ground().laid()),
                work.passes(),
                work.ground().standing(),
                hands,
                work.kitchen());
        List<Caution> cautions = new ArrayList<>(Cautions.of(iced, work.onFilm()));
        if (design.putsThoughtsAway()) {
            cautions.removeIf(caution -> !caution.isWarning());
        }
        Map<Integer, Cookie> small = new TreeMap<>();
        work.ground().small().forEach((move, piece) -> {
            Cookie set = unmended(cookie(design.withMoves(piece.given()), piece));
            small.put(move, set);
            Pose first = work.ground().standing().get(move).stream()
                    .findFirst()
                    .orElse(Pose.at(work.sections().whole().inside()));
            set.cautions().stream()
                    .filter(Caution::isWarning)
                    .forEach(caution -> cautions.add(caution.ofSmall(move, first)));
        });
        cautions.sort(Comparator.comparing(Caution::weight));
        return new Cookie(
                design,
                work.baked(),
                work.sections().whole(),
                marks,
                named,
                work.passes().list(),
                cautions,
                hands.all(),
                work.ground().standing(),
                work.onFilm(),
                small);
    }

    /** By move, the sections that what it puts on lies on. */
    private static Map<Integer, Set<String>> lies(List<Step> laid) {
        Map<Integer, Set<String>> lies = new TreeMap<>();
        laid.forEach(step ->
                lies.computeIfAbsent(step.move(), move -> new LinkedHashSet<>()).addAll(step.sections()));
        return lies;
    }

    /** Presses of a small design are not tried, and so not offered. */
    private static Cookie unmended(Cookie set) {
        return set.withCautions(set.cautions().stream().map(Caution::unmended).toList());
    }

    /** What is iced, divided: of a press that is tried it is mostly the same as before, and what was worked out of it serves again. */
    private static final class Divided {
        private Asked asked;
        private Region baked;
        private Sections sections;

        private record Asked(Cutter cutter, double spreadPercent, double marginMm, List<Move> divisions) {}

        private void of(Cutter cutter, Kitchen kitchen, List<Move> moves) {
            Asked now = new Asked(
                    cutter,
                    kitchen.mean(Habit.SPREAD_PERCENT),
                    kitchen.mean(Habit.MARGIN_MM),
                    moves.stream().filter(Division.class::isInstance).toList());
            if (!now.equals(asked)) {
                Region cookie = baked(cutter, now.spreadPercent());
                sections = Workpiece.divided(moves, cookie, iced(cookie, now.marginMm()));
                baked = cookie;
                asked = now;
            }
        }
    }

    private static Region baked(Cutter cutter, double spreadPercent) {
        try {
            return cutter.baked(spreadPercent);
        } catch (Refused refused) {
            throw refused.inside("cutter");
        } catch (TooMuch tooMuch) {
            throw new Refused("cutter", "The cutter: " + tooMuch.getMessage());
        }
    }

    private static Region iced(Region baked, double marginMm) {
        Region iced = baked.inset(marginMm);
        if (iced.isEmpty()) {
            throw new Refused(
                    "marginMm",
                    "An edge margin of %s mm leaves no room for icing: this cookie is %.0f mm from edge to middle. Make the margin smaller or the cutter larger."
                            .formatted(Range.plain(marginMm), baked.inscribedRadiusMm()));
        }
        return iced;
    }
}
