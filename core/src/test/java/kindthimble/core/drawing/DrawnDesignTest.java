package kindthimble.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.design.Measuring;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pen;
import kindthimble.core.habit.Habit;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.move.Dot;
import kindthimble.core.move.Flood;
import kindthimble.core.move.Outlines;
import kindthimble.core.move.RaisedLines;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DrawnDesignTest {
    private static final Kitchen PLAIN = Kitchen.house().with(Habit.SPREAD_PERCENT, 0.0);

    /** A lantern: a body with two bands, three spots on it and a mouth. */
    private static final String LANTERN = """
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 90">
              <rect width="80" height="90" fill="#FFAA44"/>
              <rect width="80" height="20" fill="#334488"/>
              <rect y="70" width="80" height="20" fill="#334488"/>
              <circle cx="20" cy="40" r="4" fill="#FFFFFF"/>
              <circle cx="40" cy="40" r="4" fill="#FFFFFF"/>
              <circle cx="60" cy="40" r="3" fill="#FFFFFF"/>
              <path d="M20 55Q40 65 60 55" fill="none" stroke="#CC3333" stroke-width="2"/>
            </svg>""";

    private static DrawnDesign.Wish wish(CutBy edge, Map<String, DrawnDesign.Taken> taken) {
        return new DrawnDesign.Wish("Lantern", edge, 3, null, taken);
    }

    private static Drawing read(String svg) {
        return SvgDrawing.read(svg.getBytes(StandardCharsets.UTF_8), 90, 0.03);
    }

    @Test
    void aDrawingBecomesSectionsWetDotsAndLines() {
        Drawing drawing = read(LANTERN);
        assertEquals(
                List.of("section", "section", "section", "wet", "wet", "wet", "raised"),
                drawing.parts().stream()
                        .map(part -> part.becomes().word())
                        .sorted((a, b) -> order(a) - order(b))
                        .toList());
        Design design = DrawnDesign.of(
                drawing,
                wish(CutBy.SILHOUETTE, Map.of()),
                hex -> hex.substring(1).toLowerCase(),
                PLAIN);
        Cookie cookie = new Measuring(PLAIN).measure(design);
        // All of the icing lies inside the cutter by the margin, and is as large as the drawing.
        assertEquals(80 * 90, cookie.iced().areaMm2(), 30);
        Map<String, Double> areas = new java.util.TreeMap<>();
        cookie.sections()
                .forEach(section -> areas.put(section.name(), section.region().areaMm2()));
        assertEquals(80 * 50, areas.values().stream().mapToDouble(a -> a).max().orElseThrow(), 10);
        assertEquals(3, areas.size());
        assertEquals(
                List.of(2, 1),
                design.moves().stream()
                        .filter(Dot.class::isInstance)
                        .map(move -> ((Dot) move).pieces())
                        .sorted((a, b) -> b - a)
                        .toList());
        // What sinks in lies on the section that it was drawn on.
        String body = areas.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey();
        design.moves().stream().filter(Dot.class::isInstance).forEach(dot -> assertEquals(body, dot.on()));
        RaisedLines line = (RaisedLines) design.moves().stream()
                .filter(RaisedLines.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertEquals("4", line.tip());
        assertTrue(
                cookie.cautions().stream().noneMatch(caution -> caution.isWarning()),
                cookie.cautions().toString());
    }

    /** Outlined all round, a dot borders on nothing but its own outline, and yet lies on the section behind. */
    @Test
    void anOutlinedDotLiesOnTheSectionBehindIt() {
        Drawing drawing = read("""
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 90"><g stroke="#111111" stroke-width="1.5">
                  <rect x="1" y="1" width="78" height="88" fill="#FFAA44"/>
                  <circle cx="40" cy="40" r="5" fill="#FFFFFF"/></g></svg>""");
        Design design = DrawnDesign.of(
                drawing,
                wish(CutBy.OUTERMOST, Map.of()),
                hex -> hex.substring(1).toLowerCase(),
                PLAIN);
        Cookie cookie = new Measuring(PLAIN).measure(design);
        assertEquals(
                1,
                cookie.sections().stream().filter(section -> section.pass() > 0).count());
        assertTrue(
                cookie.cautions().stream().noneMatch(caution -> caution.isWarning()),
                cookie.cautions().toString());
        Flood flood = (Flood) design.moves().stream()
                .filter(Flood.class::isInstance)
                .findFirst()
                .orElseThrow();
        Dot dot = (Dot) design.moves().stream()
                .filter(Dot.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertEquals(flood.on(), dot.on());
    }

    /** A line that was drawn as a shape is piped along its middle, about as wide as it is. */
    @Test
    void aNarrowShapeIsPipedAlongItsMiddle() {
        Drawing drawing = read("""
                <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 80 90">
                  <rect x="2" y="2" width="76" height="86" fill="#FFAA44"/>
                  <path d="M20 40H60V41.5H20Z" fill="#112233"/></svg>""");
        Design design = DrawnDesign.of(
                drawing,
                wish(CutBy.OUTERMOST, Map.of()),
                hex -> hex.substring(1).toLowerCase(),
                PLAIN);
        RaisedLines line = (RaisedLines) design.moves().stream()
                .filter(RaisedLines.class::isInstance)
                .findFirst()
                .orElseThrow();
        Lines drawn = Pen.following(line.path()).lines();
        assertEquals(40, drawn.lengthMm(), 2.5);
        assertEquals(
                40.75 - 45,
                Pen.following(line.path()).lines().stroked(0.2).middle().y(),
                0.3);
    }

    private static int order(String word) {
        return List.of("section", "wet", "raised").indexOf(word);
    }

    @Test
    void whatSheSetsCounts() {
        Drawing drawing = read(LANTERN);
        Drawing.Part dot = drawing.parts().stream()
                .filter(part -> part.becomes() == Becomes.WET)
                .findFirst()
                .orElseThrow();
        Design design = DrawnDesign.of(
                drawing,
                wish(CutBy.OUTERMOST, Map.of(dot.id(), new DrawnDesign.Taken(Becomes.SECTION, "mint"))),
                hex -> hex.substring(1).toLowerCase(),
                PLAIN);
        Flood mint = (Flood) design.moves().stream()
                .filter(move -> move instanceof Flood && "mint".equals(move.colour()))
                .findFirst()
                .orElseThrow();
        Cookie cookie = new Measuring(PLAIN).measure(design);
        assertEquals(
                dot.areaMm2(),
                cookie.sections().stream()
                        .filter(section -> section.name().equals(mint.on()))
                        .findFirst()
                        .orElseThrow()
                        .region()
                        .areaMm2(),
                0.5);
    }

    @Test
    void readAgainWhatIsTheSameStays() {
        Drawing drawing = read(LANTERN);
        DrawnDesign.Wish wish = wish(CutBy.OUTERMOST, Map.of());
        Design first = DrawnDesign.of(drawing, wish, hex -> hex.substring(1).toLowerCase(), PLAIN);
        String changed = LANTERN.replace(
                "<rect y=\"70\" width=\"80\" height=\"20\" fill=\"#334488\"/>",
                "<rect x=\"20\" y=\"70\" width=\"40\" height=\"20\" fill=\"#228833\"/>");
        Design second =
                DrawnDesign.again(read(changed), wish, hex -> hex.substring(1).toLowerCase(), PLAIN, first);
        Outlines before = (Outlines) first.moves().get(0);
        Outlines after = (Outlines) second.moves().get(0);
        assertEquals(3, before.shapes().size());
        // The lower band is gone, and another one is new: the others are called what they were called.
        assertEquals(4, after.shapes().size());
        for (int i = 0; i < 3; i++) {
            boolean isGone = after.shapes().get(i).isEmpty();
            double now = isGone ? 0 : after.shapes().get(i).areaMm2();
            assertTrue(isGone || now >= before.shapes().get(i).areaMm2() - 1, "section " + (i + 1));
        }
        assertEquals(1, after.shapes().stream().filter(shape -> shape.isEmpty()).count());
        new Measuring(PLAIN).measure(second);
        assertTrue(second.moves().stream().anyMatch(move -> "228833".equals(move.colour())));
    }

    @ParameterizedTest
    @ValueSource(strings = {"P01", "P02", "P03", "P04", "P05", "P06", "P07", "P08"})
    void realDrawingsBecomeDesigns(String name) throws IOException {
        Drawing drawing = SvgDrawing.read(RealDrawings.file(name + ".svg"), 90, 0.03);
        for (CutBy edge : List.of(CutBy.OUTERMOST, CutBy.SILHOUETTE)) {
            Design design = DrawnDesign.of(
                    drawing, wish(edge, Map.of()), hex -> hex.substring(1).toLowerCase(), PLAIN);
            Cookie cookie = new Measuring(PLAIN).measure(design);
            assertFalse(cookie.sections().isEmpty());
            if (edge == CutBy.SILHOUETTE) {
                // No icing is lost between sections: what they cover is what was drawn, but for what was left out.
                double drawn = drawing.parts().stream()
                        .filter(part -> part.becomes() != Becomes.LEFT_OUT)
                        .mapToDouble(Drawing.Part::areaMm2)
                        .sum();
                double sections = cookie.sections().stream()
                        .filter(section -> section.pass() > 0)
                        .mapToDouble(section -> section.region().areaMm2())
                        .sum();
                assertEquals(drawn, sections, 0.02 * drawn, name);
            }
        }
    }
}
