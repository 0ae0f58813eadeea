package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Cautions;
import kindthimble.core.caution.IcedCookie;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.Hands;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.move.Coats;
import kindthimble.core.move.Division;
import kindthimble.core.move.Ground;
import kindthimble.core.move.Move;
import kindthimble.core.move.Sections;
import kindthimble.core.passes.Passes;
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
        Coats coats = new Coats(moves, sections);
        Ground ground = new Ground(sections.whole(), sections, coats, own, moves);
        ground.layAll();
        Passes passes = new Passes(ground.laid(), coats.earlySlots(), coats::creaseMinutes, own.habits());
        List<OnCookie> marks = new ArrayList<>();
        for (int i = 0; i < ground.laid().size(); i++) {
            Step step = ground.laid().get(i);
            marks.add(new OnCookie(step.move(), passes.of(i), step.mark()));
        }
        List<Cookie.Section> named = new ArrayList<>();
        sections.leaves()
                .forEach((name, region) -> named.add(
                        new Cookie.Section(name, coats.isCoated(name) ? passes.ofSlot(coats.pass(name)) : 0, region)));
        Hands hands = Hands.on(marks, own.habits());
        List<Caution> cautions = Cautions.of(
                new IcedCookie(design.moves(), moves, baked, sections, coats, marks, ground.standing(), hands, own));
        return new Cookie(
                design, baked, sections.whole(), marks, named, passes.list(), cautions, hands.all(), ground.standing());
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
                sections = sections(moves, iced(cookie, now.marginMm()));
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

    private static Sections sections(List<Move> moves, Region iced) {
        Sections sections = new Sections(iced);
        for (int i = 0; i < moves.size(); i++) {
            if (moves.get(i) instanceof Division division) {
                try {
                    sections.divide(division);
                } catch (Refused refused) {
                    throw refused.inside("moves[" + i + "]");
                } catch (TooMuch tooMuch) {
                    throw Ground.tooMuch(i, division, tooMuch);
                }
            }
        }
        return sections;
    }
}
