package kindthimble.core.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.TooMuch;
import kindthimble.core.testing.OwnTime;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What SVG files hold, against areas that can be worked out by hand; all views are 100 by 100 and read 100 mm tall. */
class SvgFeaturesTest {
    private static final String ROOT =
            "<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" viewBox=\"0 0 100 100\">";

    private static Drawing read(String body) {
        return SvgDrawing.read((ROOT + body + "</svg>").getBytes(StandardCharsets.UTF_8), 100);
    }

    private static double area(Drawing drawing, String hex) {
        return drawing.colours().stream()
                .filter(colour -> colour.hex().equals(hex))
                .mapToDouble(Drawing.Colour::areaMm2)
                .sum();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "<rect width='20' height='10' fill='red'/> | #FF0000 | 200",
                "<rect width='20' height='10' rx='5' fill='rgb(0,128,0)'/> | #008000 | 178.54",
                "<circle cx='50' cy='50' r='10' fill='#00f'/> | #0000FF | 314.16",
                "<ellipse cx='50' cy='50' rx='20' ry='10' fill='hsl(120,100%,25%)'/> | #008000 | 628.32",
                "<polygon points='0,0 10 0,0,10' fill='#123456'/> | #123456 | 50",
                "<path d='M10 10h20v10h-20z m5 2h4v4h-4z' fill='#abc' fill-rule='evenodd'/> | #AABBCC | 184",
                "<path d='M10 10h20v10h-20z m5 2h4v4h-4z' fill='#abc'/> | #AABBCC | 200",
                "<path d='M20 50a10 10 0 1 1 20 0a10 10 0 11-20 0' fill='teal'/> | #008080 | 314.16",
                "<line x1='10' y1='50' x2='60' y2='50' stroke='navy' stroke-width='4'/> | #000080 | 200",
                "<path d='M10 50H60' stroke='navy' stroke-width='4' stroke-linecap='square'/> | #000080 | 216",
                "<path d='M10 50H60' stroke='navy' stroke-width='4' stroke-linecap='round'/> | #000080 | 212.57",
                "<path d='M10 50H60' stroke='navy' stroke-width='4' stroke-dasharray='5'/> | #000080 | 100",
                "<path d='M10 40H40V70' fill='none' stroke='navy' stroke-width='4'/> | #000080 | 240",
                "<path d='M10 40H40V70' fill='none' stroke='navy' stroke-width='4' stroke-linejoin='bevel'/> | #000080 | 238",
                "<g transform='translate(50 50) rotate(30) scale(2 3)'><rect width='5' height='5' fill='lime'/></g> | #00FF00 | 150",
                "<g fill='red'><g color='blue'><rect width='10' height='10' fill='currentColor'/></g></g> | #0000FF | 100",
                "<style>@media screen{rect{fill:gold}} @media print{rect{fill:pink}} @media (prefers-color-scheme: dark){rect{fill:red}}</style><rect width='10' height='10'/> | #FFD700 | 100",
                "<style>.a rect{fill:gold} #b{fill:pink}</style><g class='a'><rect width='10' height='10'/><rect id='b' x='20' width='10' height='10'/></g> | #FFD700 | 100",
                "<rect width='10' height='10' style='fill:red' fill='blue'/> | #FF0000 | 100",
                "<defs><rect id='r' width='10' height='10'/></defs><use href='#r' x='5' fill='red'/><use xlink:href='#r' y='30' fill='red'/> | #FF0000 | 200",
                "<symbol id='s' viewBox='0 0 10 10'><rect width='10' height='10' fill='red'/></symbol><use href='#s' width='30' height='20'/> | #FF0000 | 400",
                "<clipPath id='c'><circle cx='20' cy='20' r='10'/></clipPath><rect width='40' height='40' fill='red' clip-path='url(#c)'/> | #FF0000 | 314.16",
                "<mask id='m'><rect width='100' height='100' fill='#fff'/><rect width='10' height='10' fill='#000'/></mask><rect width='20' height='20' fill='red' mask='url(#m)'/> | #FF0000 | 300",
                "<rect width='20' height='20' fill='red'/><rect x='10' width='20' height='20' fill='blue' opacity='.5'/> | #800080 | 200",
                "<g opacity='.5'><rect width='20' height='20' fill='#00f'/><rect x='10' width='20' height='20' fill='#00f'/></g> | #8080FF | 600",
                "<rect width='20' height='20' fill='red' display='none'/><rect x='30' width='5' height='5' fill='red' visibility='hidden'/><rect y='50' width='3' height='3' fill='red'/> | #FF0000 | 9",
                "<svg x='10' y='10' width='20' height='20' viewBox='0 0 10 10'><rect x='-5' width='20' height='5' fill='red'/></svg> | #FF0000 | 200",
                "<rect x='90' y='-10' width='50' height='50' fill='red'/> | #FF0000 | 400",
                "<linearGradient id='g'><stop offset='0' stop-color='#000'/><stop offset='1' stop-color='#fff'/></linearGradient><rect width='10' height='10' fill='url(#g)'/> | #808080 | 100",
                "<rect width='1in' height='25.4mm' fill='red' transform='scale(.1)'/> | #FF0000 | 92.16"
            })
    void areasAreThoseOfGeometry(String body, String hex, double areaMm2) {
        assertEquals(areaMm2, area(read(body.replace('\'', '"')), hex), 0.002 * areaMm2 + 0.02);
    }

    @Test
    void aShapeInsideAnotherSinksInAndAStrokeIsPiped() {
        Drawing drawing = read(
                "<rect x=\"5\" y=\"5\" width=\"90\" height=\"90\" fill=\"#fc0\"/><circle cx=\"50\" cy=\"50\" r=\"4\" fill=\"#fff\"/>"
                        + "<path d=\"M20 70H80\" stroke=\"#c00\" stroke-width=\"2\"/><path d=\"M20 80H80\" stroke=\"#000\" stroke-width=\".2\"/>"
                        + "<rect x=\"20\" y=\"20\" width=\".3\" height=\".3\"/>");
        assertEquals(Becomes.SECTION, of(drawing, "#FFCC00").becomes());
        assertEquals(Becomes.WET, of(drawing, "#FFFFFF").becomes());
        assertEquals(Becomes.RAISED, of(drawing, "#CC0000").becomes());
        assertEquals(4, of(drawing, "#FFFFFF").inscribedRadiusMm(), 0.05);
        assertEquals(8 * Math.PI, of(drawing, "#FFFFFF").perimeterMm(), 0.05);
        assertEquals(
                Becomes.GUIDE,
                drawing.parts().stream()
                        .filter(part -> part.line() == 1)
                        .findFirst()
                        .orElseThrow()
                        .becomes());
        assertEquals(60, drawing.lines().get(0).lengthMm(), 1e-6);
        assertEquals(2, drawing.lines().get(0).widthMm(), 1e-6);
    }

    private static Drawing.Part of(Drawing drawing, String hex) {
        return drawing.parts().stream()
                .filter(part -> part.hex().equals(hex))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aShapeKeepsItsNameAtAnySize() {
        String svg = ROOT + "<circle cx=\"50\" cy=\"50\" r=\"20\" fill=\"red\"/></svg>";
        assertEquals(
                SvgDrawing.read(svg.getBytes(StandardCharsets.UTF_8), 100)
                        .parts()
                        .get(0)
                        .id(),
                SvgDrawing.read(svg.getBytes(StandardCharsets.UTF_8), 60)
                        .parts()
                        .get(0)
                        .id());
    }

    @Test
    void whatIsLeftOutIsSaid() {
        Drawing drawing = read(
                "<text>Hi</text><image href=\"http://a/b.png\"/><rect width=\"9\" height=\"9\" filter=\"url(#f)\"/>"
                        + "<script>x()</script><use href=\"other.svg#a\"/>");
        assertEquals(5, drawing.notes().size(), drawing.notes().toString());
        assertEquals(81, area(drawing, "#000000"), 0.1);
    }

    @Test
    void entitiesOfDrawingProgramsAreReadAndBombsAreNot() {
        String plain = "<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY c \"#C04040\">]>" + ROOT
                + "<rect width=\"10\" height=\"10\" fill=\"&c;\"/></svg>";
        assertEquals(100, area(SvgDrawing.read(plain.getBytes(StandardCharsets.UTF_8), 100), "#C04040"), 0.01);
        for (String type : new String[] {
            "<!DOCTYPE svg [<!ENTITY a \"aa\"><!ENTITY b \"&a;&a;\">]>",
            "<!DOCTYPE svg [<!ENTITY b SYSTEM \"file:///etc/passwd\">]>"
        }) {
            String bomb = type + ROOT + "<text>&b;</text><rect width=\"9\" height=\"9\"/></svg>";
            assertThrows(Refused.class, () -> SvgDrawing.read(bomb.getBytes(StandardCharsets.UTF_8), 100));
        }
    }

    @Test
    void hostileFilesEndInASentence() throws IOException {
        String deep = ROOT + "<g>".repeat(3_000) + "</g>".repeat(3_000) + "</svg>";
        assertThrows(Refused.class, () -> SvgDrawing.read(deep.getBytes(StandardCharsets.UTF_8), 100));
        StringBuilder uses = new StringBuilder(ROOT + "<defs><rect id=\"l0\" width=\"2\" height=\"2\"/>");
        for (int i = 1; i < 12; i++) {
            uses.append("<g id=\"l").append(i).append("\">");
            uses.append(("<use href=\"#l" + (i - 1) + "\" x=\"1\"/>").repeat(10))
                    .append("</g>");
        }
        uses.append("</defs><use href=\"#l11\"/></svg>");
        assertThrows(
                TooMuch.class,
                () -> Deadline.within(
                        Duration.ofSeconds(20),
                        () -> SvgDrawing.read(uses.toString().getBytes(StandardCharsets.UTF_8), 100)));
        String loop =
                "<g id=\"a\"><use href=\"#b\"/><rect width=\"9\" height=\"9\"/></g><g id=\"b\"><use href=\"#a\"/></g>";
        assertEquals(81, area(read(loop), "#000000"), 0.1);
        assertTrue(read("<rect x=\"-1e30\" width=\"1e38\" height=\"50\" fill=\"red\"/>")
                        .parts()
                        .size()
                <= 1);
        assertThrows(Refused.class, () -> read("<path d=\"M NaN 1 L 1e999 3\"/>"));
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
            out.write(new byte[40_000_000]);
        }
        assertThrows(Refused.class, () -> SvgDrawing.read(packed.toByteArray(), 100));
    }

    /** Style sheets that say little at great length: read, or too much, and neither takes long. */
    @Test
    @Timeout(180)
    void hostileStyleSheetsEndSoon() {
        String rects =
                "<g>".repeat(30) + "<rect class=\"a b c\" width=\"1\" height=\"1\"/>".repeat(2_000) + "</g>".repeat(30);
        List<String> sheets = List.of(
                "/* ".repeat(900_000),
                " ".repeat(2_800_000) + "> rect{fill:red}",
                "g g g g g g g g g g g g g g g x rect{fill:red}".repeat(50),
                ".a .b .c, g > g > g rect{fill:red}".repeat(2_000),
                "@media all{".repeat(200_000),
                "rect" + ".a".repeat(900_000) + "{fill:red}",
                "{".repeat(2_800_000),
                "rect{fill:red;" + "x:y;".repeat(600_000) + "}");
        for (String sheet : sheets) {
            byte[] file = (ROOT + "<style>" + sheet + "</style>" + rects + "</svg>").getBytes(StandardCharsets.UTF_8);
            long from = OwnTime.nanos();
            try {
                Deadline.within(Duration.ofSeconds(2), () -> SvgDrawing.read(file, 100));
            } catch (TooMuch | Refused said) {
                assertTrue(said.getMessage().length() > 10);
            }
            long tookMs = (OwnTime.nanos() - from) / 1_000_000;
            assertTrue(tookMs < 8_000, () -> tookMs + " ms for " + sheet.substring(0, 30));
        }
    }
}
