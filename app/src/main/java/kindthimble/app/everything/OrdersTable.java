package kindthimble.app.everything;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.Collectors;
import kindthimble.app.exchange.Spreadsheet;
import kindthimble.app.order.OrderBox;
import kindthimble.app.order.OrderDetails;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** Orders as a table for a spreadsheet, RFC 4180. */
final class OrdersTable {
    private OrdersTable() {}

    static String of(List<OrderBox.Boxed> orders) {
        StringWriter out = new StringWriter();
        try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
            csv.printRecord(
                    "name",
                    "for",
                    "hand-over",
                    "cookies",
                    "designs",
                    "colours",
                    "allergies",
                    "handed over",
                    "packed",
                    "notes",
                    "put away",
                    "uid");
            for (OrderBox.Boxed order : orders) {
                OrderDetails details = order.details();
                csv.printRecord(
                        Spreadsheet.plain(details.name()),
                        Spreadsheet.plain(details.client()),
                        details.handOver(),
                        order.designs().stream().mapToInt(OrderBox.Piece::count).sum(),
                        Spreadsheet.plain(order.designs().stream()
                                .map(piece ->
                                        piece.count() + " " + piece.document().name())
                                .collect(Collectors.joining("; "))),
                        Spreadsheet.plain(details.palette().stream()
                                .map(colour -> colour.name() + " " + colour.hex())
                                .collect(Collectors.joining("; "))),
                        Spreadsheet.plain(details.allergies()),
                        Spreadsheet.plain(details.place()),
                        Spreadsheet.plain(details.packing()),
                        Spreadsheet.plain(details.notes()),
                        order.archived() ? "yes" : "",
                        order.uid());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
