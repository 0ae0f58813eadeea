package kindthimble.core.move;

import java.util.ArrayList;
import java.util.List;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.mark.OnCookie;
import kindthimble.core.passes.Passes;
import kindthimble.core.passes.Step;
import kindthimble.core.words.Refused;

/**
 * A cookie, or a small piece that is set on one, with its moves laid on it.
 *
 * @param given its moves as she gave them
 * @param moves the same, filled
 * @param baked its outline, dough with it
 * @param sections what of it is iced, divided
 * @param coats which of its sections are wet together
 * @param ground what the moves have put on it
 * @param passes in which that goes on
 * @param kitchen whose figures count
 * @param onFilm whether it is made on film, and no cookie
 */
public record Workpiece(
        List<Move> given,
        List<Move> moves,
        Region baked,
        Sections sections,
        Coats coats,
        Ground ground,
        Passes passes,
        Kitchen kitchen,
        boolean onFilm) {

    /**
     * Lays moves on what has been divided.
     *
     * @throws Refused when something does not fit
     */
    public static Workpiece laid(List<Move> given, List<Move> moves, Region baked, Sections sections, Kitchen kitchen) {
        Coats coats = new Coats(moves, sections);
        Ground ground = new Ground(sections.whole(), sections, coats, kitchen, moves);
        ground.layAll();
        Passes passes = new Passes(ground.laid(), coats.earlySlots(), coats::creases, kitchen.habits());
        return new Workpiece(given, moves, baked, sections, coats, ground, passes, kitchen, false);
    }

    /** A small piece: the moves are filled, and what they divide is divided, here. */
    static Workpiece small(List<Move> given, Region baked, Region iced, Kitchen kitchen, boolean onFilm) {
        List<Move> moves = given.stream().map(move -> move.filled(kitchen)).toList();
        Workpiece piece = laid(given, moves, baked, divided(moves, baked, iced), kitchen);
        return new Workpiece(
                given, moves, baked, piece.sections, piece.coats, piece.ground, piece.passes, kitchen, onFilm);
    }

    /**
     * What is iced, divided by those of the moves that divide.
     *
     * @throws Refused naming the move that can't
     */
    public static Sections divided(List<Move> moves, Region baked, Region iced) {
        Sections sections = new Sections(iced, baked.box());
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

    /** What lies on it, in her order. */
    public List<OnCookie> marks() {
        List<OnCookie> marks = new ArrayList<>();
        List<Step> laid = ground.laid();
        for (int i = 0; i < laid.size(); i++) {
            marks.add(new OnCookie(laid.get(i).move(), passes.of(i), laid.get(i).mark()));
        }
        return marks;
    }
}
