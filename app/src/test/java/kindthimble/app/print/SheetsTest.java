package kindthimble.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import kindthimble.app.testing.RunningApp;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What is bought for the demo orders, and what is printed of them. */
class SheetsTest {
    @RegisterExtension
    static final RunningApp APP = RunningApp.withDemoData();

    private static JsonNode mixing() {
        return APP.get("/api/orders/1/mixing").body();
    }

    @Test
    void shelfIsSubtractedFromWhatIsBought() {
        JsonNode sugar = bought("icing sugar");
        assertEquals(750, sugar.get("onShelf").asDouble());
        double needed = sugar.get("needed").asDouble();
        assertEquals(Math.max(0, needed - 750), sugar.get("missing").asDouble(), 1e-9);
        APP.change("/api/shop", "/stock/icing sugar", 20000);
        assertEquals(0, bought("icing sugar").get("packs").asInt());
        assertEquals(
                "stock.icing sugar",
                APP.change("/api/shop", "/stock/icing sugar", -1)
                        .body()
                        .get("field")
                        .asString());
    }

    private static JsonNode bought(String name) {
        for (JsonNode line : mixing().get("shopping")) {
            if (line.get("name").asString().equals(name)) {
                return line;
            }
        }
        throw new AssertionError("no " + name + " on the list");
    }

    /** To buy first; what has no price is said; what dresses the cookies belongs on the list. */
    @Test
    void listStartsWithWhatIsToBuy() {
        boolean there = false;
        for (JsonNode line : mixing().get("shopping")) {
            boolean lacks = line.get("missing").asDouble() > 0;
            assertFalse(there && lacks, "to buy behind what is there: " + line);
            there = !lacks;
            assertEquals(
                    lacks && (line.get("packs").asInt() == 0 || line.get("cost").isNull()),
                    line.get("unpriced").asBoolean());
        }
        JsonNode film = bought("film for transfers");
        assertEquals("SHEETS", film.get("measure").asString());
        assertTrue(film.get("needed").asDouble() >= 1);
    }

    @Test
    void sheetsArePrinted() throws IOException, InterruptedException {
        String sheet = text("mixing-sheet.pdf", 2);
        assertTrue(sheet.contains("Kite festival set") && sheet.contains("icing sugar"), sheet);
        assertTrue(sheet.contains("Poppy") && sheet.contains("tip 2 > 1"), sheet);
        String labels = text("bag-labels.pdf?sheet=LABELS_21", 3);
        assertTrue(labels.contains("Navy ink") && labels.contains("the only bag"), labels);
        assertTrue(text("shopping.pdf", 1).contains("icing sugar"));
        String csv = new String(fetch("shopping.csv"));
        assertTrue(csv.startsWith("row,name,unit,needed"), csv);
        assertEquals(
                422, APP.get("/api/orders/1/print/bag-labels.pdf?sheet=NAPKIN").status());
    }

    @Test
    void templatesSayWhichMarkIsWhichAndHalvesMustBeAlike() throws IOException, InterruptedException {
        String whole = text("template.pdf?design=1", 1);
        assertTrue(whole.contains("a1 to a") && whole.contains("dot") && whole.contains("50 mm long"), whole);
        assertTrue(text("template.pdf?design=1&half=true&copies=4", 2).contains("to be folded"));
        assertTrue(text("straight-edges.pdf", 1).contains("15 degrees"));
        assertTrue(text("frame.pdf", 1).contains("photograph all of it"));
        // A flag on a pole has no two like halves.
        assertEquals(
                200,
                APP.change(
                                "/api/orders/1",
                                "/designs/1/document/cutter/shape",
                                "{\"kind\": \"own outline\", \"path\": \"M0 0H60V30H10V90H0Z\"}")
                        .status());
        assertEquals(
                "half",
                APP.get("/api/orders/1/print/template.pdf?design=1&half=true")
                        .body()
                        .get("field")
                        .asString());
    }

    /** Every letter that the type holds is printed, on the paper of the shop; the type is in the file; labels are large. */
    @Test
    void namesOfManyAlphabetsAreOnThePaperOfTheShop() throws IOException, InterruptedException {
        APP.change("/api/orders/1", "/details/name", "\"Łódź żółw café Čapek 凧\"");
        APP.change("/api/shop", "/settings/customs/paper", "\"LETTER\"");
        APP.change("/api/shop", "/settings/customs/numbers", "\"COMMA\"");
        try (PDDocument pdf = Loader.loadPDF(fetch("mixing-sheet.pdf"))) {
            String text = new PDFTextStripper().getText(pdf);
            assertTrue(text.contains("Łódź żółw café Čapek ¤"), text);
            assertTrue(text.contains("stands for letters that this type does not hold"), text);
            assertTrue(text.contains("+ 0,5 g water"), text);
            assertEquals(612, pdf.getPage(0).getMediaBox().getWidth(), 0.5);
            assertEquals(792, pdf.getPage(0).getMediaBox().getHeight(), 0.5);
            for (COSName name : pdf.getPage(0).getResources().getFontNames()) {
                assertTrue(pdf.getPage(0).getResources().getFont(name).isEmbedded(), name::toString);
            }
        }
        List<Float> ofColour = new ArrayList<>();
        try (PDDocument pdf = Loader.loadPDF(fetch("bag-labels.pdf?sheet=LETTER_30"))) {
            PDFTextStripper reader = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> letters) throws IOException {
                    if (text.startsWith("Navy ink")) {
                        ofColour.add(letters.get(0).getFontSizeInPt());
                    }
                    super.writeString(text, letters);
                }
            };
            String text = reader.getText(pdf);
            assertTrue(text.contains("Diamond kite") && text.contains("Sat 5 Dec 2026"), text);
        }
        assertFalse(ofColour.isEmpty());
        assertTrue(ofColour.stream().allMatch(points -> points >= 18), ofColour::toString);
        APP.change("/api/shop", "/settings/customs/paper", "\"A4\"");
        APP.change("/api/shop", "/settings/customs/numbers", "\"POINT\"");
    }

    private static byte[] fetch(String name) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(APP.url() + "/api/orders/1/print/" + name))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    private static String text(String name, int mostPages) throws IOException, InterruptedException {
        try (PDDocument pdf = Loader.loadPDF(fetch(name))) {
            assertTrue(pdf.getNumberOfPages() <= mostPages, name + " has " + pdf.getNumberOfPages() + " pages");
            return new PDFTextStripper().getText(pdf);
        }
    }
}
