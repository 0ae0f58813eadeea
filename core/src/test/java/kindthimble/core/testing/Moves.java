package kindthimble.core.testing;

import java.util.List;
import kindthimble.core.cutter.BasicForm;
import kindthimble.core.cutter.Cutter;
import kindthimble.core.cutter.CutterShape;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.design.Design;
import kindthimble.core.geometry.Across;
import kindthimble.core.move.Beads;
import kindthimble.core.move.Dip;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Line;
import kindthimble.core.move.Move;
import kindthimble.core.move.Outline;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Stencil;
import kindthimble.core.move.Transfer;
import kindthimble.core.move.Writing;

/** Moves and designs with only what a test is about; all else is left to the shop. */
public final class Moves {
    private Moves() {}

    public static Flood flood(String colour) {
        return flood(colour, null, null);
    }

    public static Flood flood(String colour, String on, Seam seam) {
        return new Flood(colour, null, null, null, on, seam);
    }

    public static Outline outline(String colour) {
        return new Outline(colour, null, null, null, null, null);
    }

    public static Dot dots(String colour, int pieces, double mm) {
        return dots(colour, pieces, mm, null);
    }

    public static Dot dots(String colour, int pieces, double mm, String on) {
        return new Dot(colour, pieces, null, mm, null, null, null, on, null);
    }

    public static Line line(String colour) {
        return new Line(colour, null, null, null, null, null, null);
    }

    public static Beads beads(String colour, double mm) {
        return new Beads(colour, mm, null, null, null, null, null, null);
    }

    public static Stencil stencil(String colour, double openPercent) {
        return new Stencil(colour, openPercent, null, null, null);
    }

    public static Dip dip(String colour) {
        return new Dip(colour, null, null, null, null);
    }

    /** Pieces glued on. */
    public static Transfer transfer(String colour, SmallForm form, double mm, int pieces) {
        return new Transfer(colour, form, null, mm, pieces, null, null, null, null, null, null, null, null, null);
    }

    public static Writing writing(String colour, String text, double mm) {
        return new Writing(colour, text, mm, null, null, null, null, null, null, null);
    }

    public static Design round(double sizeMm, Double marginMm, Move... moves) {
        return design(new BasicForm.Round(), sizeMm, marginMm, moves);
    }

    /** A square cookie that neither spreads nor has a margin. */
    public static Design card(double sizeMm, Move... moves) {
        return new Design(
                Design.FORMAT,
                "Card",
                new Cutter(new BasicForm.Square(), Across.WIDTH, sizeMm),
                0.0,
                0.0,
                List.of(moves));
    }

    public static Design design(CutterShape shape, double sizeMm, Double marginMm, Move... moves) {
        return new Design(
                Design.FORMAT, "Cookie", new Cutter(shape, Across.WIDTH, sizeMm), null, marginMm, List.of(moves));
    }

    /** The same design with other moves. */
    public static Design with(Design design, List<Move> moves) {
        return new Design(
                design.format(), design.name(), design.cutter(), design.spreadPercent(), design.marginMm(), moves);
    }
}
