package kindthimble.app.agreement;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.stream.Collectors;
import kindthimble.app.testing.RunningApp;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import tools.jackson.databind.JsonNode;

/** The papers of an order, as they are read. */
final class Papers {
    private static final double FEW_GRAMS = 19.95;
    private static final String LABELS = "bag-labels.pdf?sheet=LABELS_21";

    private final RunningApp app;
    private final long order;

    Papers(RunningApp app, long order) {
        this.app = app;
        this.order = order;
    }

    /** How many bag labels there are. */
    double labels() throws IOException, InterruptedException {
        return text(LABELS).split("the only bag|one bag more|bag \\d+ of \\d+", -1).length - 1.0;
    }

    /** What bench and mixing say stands on labels and sheet. */
    void agree(JsonNode bench, JsonNode mixing) throws IOException, InterruptedException {
        String labels = text(LABELS);
        for (JsonNode bag : bench.get("bags")) {
            if (List.of("BAG", "BOTTLE").contains(bag.get("vessel").asString())) {
                bag.get("fills")
                        .forEach(fill -> assertTrue(
                                labels.contains(onPaper(fill.get("fullGrams"))),
                                () -> "no label says " + fill + " of " + bag));
            }
        }
        String sheet = text("mixing-sheet.pdf");
        for (JsonNode one : mixing.at("/since/colours")) {
            boolean isTooMuch = one.get("tooMuchGrams").asDouble() >= 0.5;
            assertTrue(!isTooMuch || sheet.contains("Too much by now"), () -> one + " is not on the sheet");
        }
        for (JsonNode part : Figures.parts(mixing)) {
            for (JsonNode name : mixing.get("names")) {
                for (JsonNode bowl : part.at("/pour/pour/bowls")) {
                    if (bowl.get("colour").equals(name.get("key"))) {
                        String more = part.path("number").asInt() > 0 ? "More " : "";
                        assertTrue(
                                sheet.contains(more + name.get("name").asString()),
                                () -> name + " is not on the sheet");
                    }
                }
            }
            for (JsonNode batch : part.at("/pour/pour/batches")) {
                for (JsonNode line : batch.get("weighed")) {
                    assertTrue(sheet.contains(line.get("ingredient").asString()), () -> line + " is not on the sheet");
                }
            }
        }
    }

    /** What a cookie takes stands on its instruction sheet. */
    void agree(String design, JsonNode set) throws IOException, InterruptedException {
        String sheet = text("instructions.pdf?design=" + design);
        assertTrue(
                sheet.contains(set.get("count").asInt() + " cookies, " + onPaper(set.at("/cookie/gramsEach"))
                        + " of icing each"),
                sheet);
        for (JsonNode mark : set.at("/cookie/marks")) {
            if (mark.get("gramsEach").asDouble() > 0 && mark.get("piecesAhead").asInt() == 0) {
                assertTrue(
                        sheet.contains(onPaper(mark.get("gramsEach")) + " each"), () -> mark + " is not on " + sheet);
            }
        }
    }

    /** As the house's customs write grams: in tenths where there are few. */
    private static String onPaper(JsonNode grams) {
        BigDecimal exact = BigDecimal.valueOf(grams.asDouble());
        return exact.doubleValue() < FEW_GRAMS
                ? "%.1f g".formatted(exact.setScale(1, RoundingMode.HALF_UP))
                : "%,d g".formatted(exact.setScale(0, RoundingMode.HALF_UP).intValue());
    }

    private String text(String paper) throws IOException, InterruptedException {
        byte[] pdf = file(paper);
        try (PDDocument read = Loader.loadPDF(pdf)) {
            return new PDFTextStripper()
                    .getText(read)
                    .lines()
                    .map(String::strip)
                    .collect(Collectors.joining("\n"));
        }
    }

    byte[] file(String paper) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(app.url() + "/api/orders/" + order + "/print/" + paper))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }
}
