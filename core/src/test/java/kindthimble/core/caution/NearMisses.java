package kindthimble.core.caution;

import static kindthimble.core.caution.CautionCases.HALVES;
import static kindthimble.core.caution.CautionCases.WHITE;
import static kindthimble.core.caution.CautionCases.along;
import static kindthimble.core.caution.CautionCases.at;
import static kindthimble.core.caution.CautionCases.card;
import static kindthimble.core.caution.CautionCases.counted;
import static kindthimble.core.caution.CautionCases.dotAt;
import static kindthimble.core.caution.CautionCases.dots;
import static kindthimble.core.caution.CautionCases.edgeDots;
import static kindthimble.core.caution.CautionCases.flood;
import static kindthimble.core.caution.CautionCases.line;
import static kindthimble.core.caution.CautionCases.marker;
import static kindthimble.core.caution.CautionCases.stencil;
import static kindthimble.core.caution.CautionCases.strewn;
import static kindthimble.core.caution.CautionCases.writing;

import java.util.stream.Stream;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.mark.Frill;
import kindthimble.core.move.Beads;
import kindthimble.core.move.Division;
import kindthimble.core.move.Marker;
import kindthimble.core.move.Move;
import kindthimble.core.move.RaisedFill;
import kindthimble.core.move.RaisedLines;
import kindthimble.core.move.Ruffle;
import kindthimble.core.move.Seam;
import kindthimble.core.move.Sprinkle;
import kindthimble.core.move.Stripe;
import kindthimble.core.move.Wait;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Place;
import kindthimble.core.placing.Where;
import kindthimble.core.testing.Moves;

/** The nearest faultless work to each warning, further than in {@link CautionCases}: just beside a limit, or with what looks like the fault and is none. */
final class NearMisses {
    private NearMisses() {}

    static Stream<CautionCases.Case> all() {
        return Stream.of(
                new CautionCases.Case(
                        "find the coat dry",
                        "Move them to their flood",
                        card(WHITE, along("M-20 0H20"), dotAt(0, 2)),
                        card(WHITE, along("M-20 0H20"), dotAt(0, 10))),
                new CautionCases.Case(
                        "find the coat dry",
                        "Move them to their flood",
                        card(WHITE, along("M-20 0H20"), dotAt(0, 2)),
                        card(WHITE, along("M-20 0H20"), dotAt(0, 0))),
                new CautionCases.Case(
                        "wet at different times",
                        "One for each pass",
                        card(HALVES, WHITE, dotAt(0, 0)),
                        card(HALVES, WHITE, dotAt(12, 0))),
                new CautionCases.Case(
                        "pushes icing outward",
                        "Leave 3 mm at the edge",
                        card(WHITE, strewn(Sprinkle.What.CANDIES)),
                        card(WHITE, new Sprinkle("rose", Sprinkle.What.CANDIES, 5, Where.of(Laid.RING), null))),
                new CautionCases.Case(
                        "dents and tears",
                        "Wait until the surface is dry",
                        card(WHITE, marker(Marker.When.HALF_DRY)),
                        card(WHITE, Catalogue.with(marker(Marker.When.HALF_DRY), "colour", ""))),
                new CautionCases.Case(
                        "bleeds into a coat",
                        "Wait until it is dry through",
                        card(WHITE, own(line("navy", Wait.FIRM), 614)),
                        card(WHITE, own(line("navy", Wait.FIRM), 615))),
                new CautionCases.Case(
                        "bleeds into a coat",
                        "Wait until it is dry through",
                        card(HALVES, CREAM_OVER_NAVY[0], CREAM_OVER_NAVY[1], navyAt("-20 0")),
                        card(HALVES, CREAM_OVER_NAVY[0], CREAM_OVER_NAVY[1], navyAt("10 0"))),
                new CautionCases.Case(
                        "it may bleed",
                        "Dry the first one through",
                        card(HALVES, flood("navy", "a1", null), flood("white", "a2", null)),
                        card(HALVES, flood("rose", "a1", null), flood("white", "a2", null))),
                new CautionCases.Case(
                        "it closes up",
                        "mm high",
                        card(WHITE, Catalogue.with(writing("Kite", tallAs(1.1)), "tip", "2")),
                        card(WHITE, Catalogue.with(writing("Kite", tallAs(1.2)), "tip", "2"))),
                new CautionCases.Case(
                        "lie on each other within 3 mm",
                        "Leave 3 mm at the edge",
                        card(WHITE, edgeDots("rose", 8), edgeDots("navy", 8)),
                        card(WHITE, across("rose", "M-33 -33L33 33"), across("navy", "M-33 33L33 -33"))),
                new CautionCases.Case(
                        "lie on each other within 3 mm",
                        "Leave 3 mm at the edge",
                        card(WHITE, edgeDots("rose", 8), edgeDots("navy", 8)),
                        card(WHITE, edgeDots("rose", 3), edgeDots("navy", 2))),
                new CautionCases.Case(
                        "it may crater. Pipe a squiggle under it",
                        "Put a squiggle under it",
                        card(WHITE, raisedFill(3.8)),
                        card(WHITE, raisedFill(4.2))),
                new CautionCases.Case(
                        "it may crater. Pipe a squiggle first",
                        "Add a squiggle",
                        Moves.card(60, new Division.Horizon("a", null, 6, null, null), counted("white", 25)),
                        Moves.card(60, new Division.Horizon("a", null, 7, null, null), counted("white", 25))),
                new CautionCases.Case(
                        "it stays up and does not sink in",
                        "Take 15 s",
                        card(WHITE, counted(27)),
                        card(WHITE, at(Where.at(new Place(0, 0, null)), Moves.beads("rose", 4), Wait.AT_ONCE))),
                new CautionCases.Case(
                        "something raised lies there",
                        "Airbrush instead",
                        card(WHITE, at(Where.of(Laid.EDGE), Moves.line("rose"), Wait.AT_ONCE), stencil(null)),
                        card(WHITE, dots(6, 4.0), stencil(null))),
                new CautionCases.Case(
                        "hangs over the edge",
                        "Draw it in",
                        card(WHITE, embroidery(-1.0)),
                        // Brushed inward, it may begin at the very edge.
                        card(WHITE, embroidery(0.8))),
                new CautionCases.Case(
                        "they can't be read",
                        "Make them",
                        card(letters(5), flood("rose", "a2", null)),
                        card(letters(25), flood("rose", "a2", null))),
                new CautionCases.Case(
                        "% of the hands",
                        "Dip it instead",
                        card(Moves.outline("white"), WHITE, marker(Marker.When.SURFACE_DRY)),
                        card(Moves.outline("white"), WHITE, beads(2))));
    }

    private static final Move[] CREAM_OVER_NAVY = {flood("white", "a1", Seam.FLOW), flood("navy", "a2", Seam.FLOW)};

    private static Move own(Move move, double minutes) {
        return Catalogue.with(move, "waitMinutes", minutes);
    }

    private static Move navyAt(String from) {
        return new RaisedLines("navy", 1, null, null, "M" + from + "h10", null, null, Wait.FIRM, null, null);
    }

    private static Stripe across(String colour, String path) {
        return new Stripe(colour, null, null, 1, null, null, path, null, null, null, null, null);
    }

    private static RaisedFill raisedFill(double mm) {
        return new RaisedFill("rose", SmallForm.DISC, "", "", mm, null, null, null, null, null);
    }

    /** How tall the word has to be for its strokes to be so wide. */
    private static double tallAs(double strokeMm) {
        return 12 * strokeMm / writing("Kite", 12).letters(12).strokeWidthMm();
    }

    private static Ruffle embroidery(double insideMm) {
        return new Ruffle(
                "rose",
                Frill.Border.BRUSH_EMBROIDERY,
                5.0,
                1,
                Where.of(Laid.EDGE).beside(insideMm),
                null,
                null);
    }

    private static Division letters(double percent) {
        return new Division.Lettering("a", null, "KT", percent);
    }

    private static Beads beads(double mm) {
        return Moves.beads("rose", mm);
    }
}
