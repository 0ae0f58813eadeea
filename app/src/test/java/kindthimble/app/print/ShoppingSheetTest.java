package kindthimble.app.print;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.pour.Shopping;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

class ShoppingSheetTest {
    private static final Prints.Printed KITES = new Prints.Printed("Kites", LocalDateTime.of(2026, 12, 5, 10, 0));

    /** However many lines there are, each stands on a sheet, under a heading, and above its end. */
    @Test
    void longListGoesOnOverleaf() throws IOException {
        List<Shopping.ToBuy> lines = new ArrayList<>();
        for (int i = 1; i <= 70; i++) {
            lines.add(new Shopping.ToBuy("thing " + i + ".", Shopping.Measure.PIECES, 10, 0, 0, 0, null));
        }
        try (PDDocument pdf = Loader.loadPDF(ShoppingSheet.pdf(KITES, lines, ShopSettings.house()))) {
            assertTrue(pdf.getNumberOfPages() >= 3);
            List<Float> lowest = new ArrayList<>();
            PDFTextStripper reader = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> letters) throws IOException {
                    letters.forEach(letter -> lowest.add(letter.getYDirAdj()));
                    super.writeString(text, letters);
                }
            };
            String text = reader.getText(pdf);
            for (int i = 1; i <= 70; i++) {
                assertTrue(text.contains("thing " + i + "."), "thing " + i);
            }
            assertEquals(pdf.getNumberOfPages(), text.split("To buy for Kites", -1).length - 1);
            assertTrue(lowest.stream().allMatch(y -> y < 842 - 14), "nothing below the sheet's end");
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                assertTrue(text.contains("page " + page + " of " + pdf.getNumberOfPages()), text);
            }
            assertEquals(pdf.getNumberOfPages(), text.split("hand-over Sat 5 Dec 2026, 10:00", -1).length - 1);
        }
    }

    @Test
    void whatIsMissingWithoutAPackIsToBuyAndWhatHasNoPriceIsSaid() throws IOException {
        List<Shopping.ToBuy> lines = List.of(
                new Shopping.ToBuy("Navy gel", Shopping.Measure.DROPS, 30, 0, 0, 0, null),
                new Shopping.ToBuy("icing sugar", Shopping.Measure.GRAMS, 900, 100, 1000, 1, 2.4),
                new Shopping.ToBuy("bags", Shopping.Measure.PIECES, 9, 0, 100, 1, null));
        try (PDDocument pdf = Loader.loadPDF(ShoppingSheet.pdf(KITES, lines, ShopSettings.house()))) {
            String text = new PDFTextStripper().getText(pdf);
            assertTrue(text.contains("30 drops"), text);
            assertFalse(text.contains("none"), text);
            assertTrue(text.contains("together €2.40"), text);
            assertTrue(text.contains("without what has no price: Navy gel, bags"), text);
            assertEquals(2, text.split("no price\\R", -1).length - 1, text);
        }
    }
}
