package kindthimble.core.move;

import java.util.List;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Lines;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Shapes;
import kindthimble.core.mark.Supply;

/** A raised line of piping icing: on a coat by the shop's school of detail, or straight on the bare cookie. */
public sealed interface Piped extends Detail permits Line, RaisedLines, Stitches, Writing {
    /** Name of the tip; null for the usual one. */
    String tip();

    /** Count in s; null for piping. */
    Double countSeconds();

    /** What it waits for; null for the shop's school. */
    Wait waits();

    /** What it gets while wet; null for nothing. */
    default Finish finish() {
        return null;
    }

    /** How its lines run out. */
    default Bead.Ends ends() {
        return Bead.Ends.EVEN;
    }

    /** Lays a line. */
    default void pipe(Ground ground, Lines along, double draw, double secondsPerCm) {
        pipe(ground, along, along.lengthMm(), draw, secondsPerCm);
    }

    /** Lays lines of which a length is piped, whatever the length of what is drawn. */
    default void pipe(Ground ground, Lines along, double lengthMm, double draw, double secondsPerCm) {
        Tip laidWith = ground.tip(tip());
        Gate gate = ground.raisedGate(on(), waits());
        ground.place(
                on(),
                new Bead(
                        ground.piped(colour(), countSeconds(), laidWith),
                        along,
                        lengthMm,
                        laidWith.openingMm(),
                        draw,
                        gate,
                        Stage.raised(gate),
                        secondsPerCm,
                        ends()));
        if (finish() == Finish.SUGARED) {
            ground.place(
                    on(),
                    new Dressing(
                            colour(),
                            Shapes.discs(along.beads(SUGAR_APART_MM), SUGAR_MM),
                            null,
                            lengthMm,
                            0,
                            gate,
                            Stage.raised(gate),
                            ground.mean(Habit.STREWN_SECONDS),
                            List.of(new Supply(
                                    Supply.Sort.SUGAR,
                                    colour(),
                                    lengthMm / 10 * ground.mean(Habit.STREWN_SUGAR_GRAMS_PER_CM))),
                            Extent.of(along, SUGAR_MM)));
        }
    }

    /** Grains as they are drawn. */
    double SUGAR_APART_MM = 1.2;

    double SUGAR_MM = 0.5;
}
