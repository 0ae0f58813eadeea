package kindthimble.app.print;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import kindthimble.app.mixing.MixingService;
import kindthimble.app.order.OrderService;
import kindthimble.app.shop.ShopService;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.shop.Measures;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Sheets for the kitchen. The links to them are plain addresses, so they are left out of the description for the typed client. */
@Hidden
@RestController
@RequestMapping("/api/orders/{order}/print")
class PrintController {
    private final MixingService mixing;
    private final OrderService orders;
    private final ShopService shop;

    PrintController(MixingService mixing, OrderService orders, ShopService shop) {
        this.mixing = mixing;
        this.orders = orders;
        this.shop = shop;
    }

    @GetMapping("/mixing-sheet.pdf")
    ResponseEntity<byte[]> mixingSheet(@PathVariable long order) {
        boolean spoons = shop.settings().measures() == Measures.GRAMS_AND_SPOONS;
        return file(
                "mixing-sheet.pdf", MediaType.APPLICATION_PDF, MixingSheet.of(name(order), mixing.view(order), spoons));
    }

    /** Labels for the bags, as they are laid out on a sheet of 14, 21 or 24 labels, or on plain paper. */
    @GetMapping("/bag-labels.pdf")
    ResponseEntity<byte[]> bagLabels(@PathVariable long order, @RequestParam(defaultValue = "PLAIN") String sheet) {
        BagLabels.Sheet laid;
        try {
            laid = BagLabels.Sheet.valueOf(sheet);
        } catch (IllegalArgumentException e) {
            throw new Refused(
                    "sheet", "There is no such sheet of labels. Take 14, 21 or 24 to a sheet, or plain paper.");
        }
        return file(
                "bag-labels.pdf",
                MediaType.APPLICATION_PDF,
                BagLabels.of(name(order), mixing.view(order).pour(), laid));
    }

    @GetMapping("/shopping.pdf")
    ResponseEntity<byte[]> shopping(@PathVariable long order) {
        return file(
                "shopping.pdf",
                MediaType.APPLICATION_PDF,
                ShoppingSheet.pdf(name(order), mixing.view(order).shopping()));
    }

    @GetMapping("/shopping.csv")
    ResponseEntity<byte[]> shoppingCsv(@PathVariable long order) {
        return file(
                "shopping.csv",
                new MediaType("text", "csv", StandardCharsets.UTF_8),
                ShoppingSheet.csv(mixing.view(order).shopping()).getBytes(StandardCharsets.UTF_8));
    }

    private String name(long order) {
        return orders.order(order).details().name();
    }

    private static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(bytes);
    }
}
