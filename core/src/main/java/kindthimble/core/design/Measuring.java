package kindthimble.core.design;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.caution.Caution;
import kindthimble.core.caution.Cautions;
import kindthimble.core.caution.IcedCookie;
import kindthimble.core.drying.Passes;
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
            Cookie cookie = measured(design);
            return cookie.withCautions(new Remedies(this::plainly, cookie).tried());
        } catch (TooMuch tooMuch) {
            throw new Refused("moves", "All moves together: " + tooMuch.getMessage());
        }
    }

    /** A design with what a press would change, its own remedies untried. */
    private Cookie plainly(Design design) {
        design.check();
        return measured(design);
    }

    private Cookie measured(Design design) {
        Kitchen own = kitchen.with(Habit.SPREAD_PERCENT, design.spreadPercent())
                .with(Habit.MARGIN_MM, design.marginMm())
                .with(design.filling());
        List<Move> moves = design.moves().stream().map(move -> move.filled(own)).toList();
        Region baked = baked(design, own.mean(Habit.SPREAD_PERCENT));
        Region iced = iced(baked, own.mean(Habit.MARGIN_MM));
        Sections sections = sections(moves, iced);
        Coats coats = new Coats(moves, sections);
        Ground ground = new Ground(iced, sections, coats, own, moves);
        ground.layAll();
        Passes passes = new Passes(ground.laid().stream().map(Measuring::step).toList(), own.habits());
        List<OnCookie> marks = ground.laid().stream()
                .map(on -> new OnCookie(on.move(), passes.of(step(on)), on.mark()))
                .toList();
        List<Cookie.Section> named = new ArrayList<>();
        sections.leaves()
                .forEach((name, region) -> named.add(
                        new Cookie.Section(name, coats.isCoated(name) ? coats.pass(name) : 0, region.inside())));
        Hands hands = Hands.on(marks, own.habits());
        List<Caution> cautions =
                Cautions.of(new IcedCookie(design.moves(), moves, baked, sections, coats, marks, hands, own));
        return new Cookie(design, baked, iced, marks, named, passes.list(), cautions, hands.all());
    }

    private static Passes.Step step(OnCookie on) {
        return new Passes.Step(on.pass(), on.mark().stage(), on.mark().gate());
    }

    private static Region baked(Design design, double spreadPercent) {
        try {
            return design.cutter().baked(spreadPercent);
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
