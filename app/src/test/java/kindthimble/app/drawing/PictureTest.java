package kindthimble.app.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import kindthimble.app.testing.Photos;
import kindthimble.app.testing.RunningApp;
import kindthimble.app.testing.RunningApp.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Pictures that are sent: traced line by line, straightened, measured. */
class PictureTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.empty();

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private static String corners() throws IOException {
        Answer found = APP.send("/api/pictures/corners?on=A4", "image/jpeg", Photos.discOnPaper());
        assertEquals(200, found.status());
        StringBuilder corners = new StringBuilder();
        found.body()
                .get("corners")
                .forEach(one -> corners.append(corners.isEmpty() ? "" : ",").append(one.asDouble()));
        return corners.toString();
    }

    @Test
    void theCornersOfTheSheetAreProposed() throws IOException {
        String[] corners = corners().split(",");
        assertEquals(8, corners.length);
        assertEquals(100.0 / 1040, Double.parseDouble(corners[0]), 0.002);
        assertEquals(80.0 / 1348, Double.parseDouble(corners[1]), 0.002);
        assertEquals(940.0 / 1040, Double.parseDouble(corners[4]), 0.002);
        assertEquals(1268.0 / 1348, Double.parseDouble(corners[5]), 0.002);
    }

    @Test
    void aThingOnTheSheetIsMeasured() throws IOException {
        Answer seen = APP.send("/api/pictures/outline?on=A4&corners=" + corners(), "image/jpeg", Photos.discOnPaper());
        assertEquals(200, seen.status(), () -> seen.body().toString());
        assertEquals(60, seen.body().get("widthMm").asDouble(), 0.3);
        assertEquals(60, seen.body().get("heightMm").asDouble(), 0.3);
        assertEquals(0, seen.body().get("wallMm").asDouble());
        // The same sheet taken for another one is measured by that.
        Answer letter =
                APP.send("/api/pictures/outline?on=Letter&corners=" + corners(), "image/jpeg", Photos.discOnPaper());
        assertEquals(60 * 215.9 / 210, letter.body().get("widthMm").asDouble(), 0.3);
    }

    @Test
    void tracingTellsHowFarItIs() throws IOException {
        List<String> lines =
                APP.lines("/api/pictures/trace?on=A4&corners=" + corners(), "image/jpeg", Photos.discOnPaper());
        double before = -1;
        for (String line : lines.subList(0, lines.size() - 1)) {
            double share = JSON.readTree(line).get("share").asDouble();
            assertTrue(share >= before && share <= 1, line);
            before = share;
        }
        JsonNode last = JSON.readTree(lines.get(lines.size() - 1));
        // A dot of this photo is a quarter of a millimetre, and JPEG smears colours over two.
        assertEquals(60, last.get("heightMm").asDouble(), 0.6);
        assertEquals(1, last.get("colours").asInt());
        assertTrue(last.get("svg").asString().startsWith("<svg"));
    }

    @Test
    void whatIsWrongIsSaid() throws IOException {
        List<String> lines = APP.lines("/api/pictures/trace", "image/png", new byte[] {1, 2, 3});
        assertTrue(lines.get(lines.size() - 1).contains("trouble"), () -> lines.toString());
        assertEquals("on", refused("/api/pictures/corners?on=A3"));
        assertEquals("corners", refused("/api/pictures/outline?on=A4&corners=0,0,1,0,1,1"));
        assertEquals("corners", refused("/api/pictures/outline?on=A4&corners=0,0,1,1,1,0,0,1"));
        assertEquals("corners", refused("/api/pictures/outline?on=A4&corners=NaN,0,1,0,1,1,0,1"));
        assertEquals("colours", refused("/api/pictures/trace?colours=13"));
    }

    private static String refused(String path) throws IOException {
        Answer refused = APP.send(path, "image/jpeg", Photos.discOnPaper());
        assertEquals(422, refused.status(), () -> refused.body().toString());
        return refused.body().get("field").asString();
    }
}
