package kindthimble.app.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import kindthimble.app.exchange.PaletteFiles.Named;
import kindthimble.app.exchange.PaletteFiles.PaletteFile;
import kindthimble.core.words.Refused;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

class PaletteFilesTest {
    private final PaletteFiles files = new PaletteFiles(JsonMapper.builder().build());

    private static final PaletteFile KITES =
            new PaletteFile("Kites", List.of(new Named("Poppy", "#D5473F"), new Named("Night, very dark", "#010203")));

    @Test
    void bothFormsComeBackAsTheyWent() {
        assertEquals(KITES, files.read(files.gpl(KITES)));
        assertEquals(KITES, files.read(files.json(KITES)));
    }

    /** As drawing programs write them: a byte-order mark, other line ends, comments, columns, and colours without a name. */
    @Test
    void palettesOfDrawingProgramsAreRead() {
        PaletteFile read = files.read(
                "\uFEFFGIMP Palette\r\nName: Meadow\r\nColumns: 4\r\n# a comment\r\n255   0  10\tRed poppy\r\n 12 200 3\r\n\r\n");
        assertEquals("Meadow", read.name());
        assertEquals(List.of(new Named("Red poppy", "#FF000A"), new Named("Colour 2", "#0CC803")), read.colours());
    }

    @Test
    void aPlainListOfColoursIsReadAndLongNamesAreCut() {
        PaletteFile read = files.read("[{\"name\": \"%s\", \"hex\": \"#d5473f\"}]".formatted("long ".repeat(20)));
        assertEquals("#D5473F", read.colours().get(0).hex());
        assertTrue(read.colours().get(0).name().length() <= 40);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "   ",
                "hello",
                "{}",
                "[]",
                "{\"colours\": 3}",
                "[{\"hex\": \"blue\"}]",
                "GIMP Palette\nName: none\n",
                "GIMP Palette\n256 0 0 too red\n",
            })
    void whatIsNoPaletteIsRefused(String text) {
        Refused refused = assertThrows(Refused.class, () -> files.read(text));
        assertEquals("text", refused.field());
    }

    @Test
    void aHugeFileIsRefusedAndAHugePaletteIsCut() {
        assertThrows(Refused.class, () -> files.read("GIMP Palette\n" + "1 2 3 x\n".repeat(100_000)));
        assertEquals(
                256,
                files.read("GIMP Palette\n" + "1 2 3 x\n".repeat(1_000))
                        .colours()
                        .size());
    }
}
