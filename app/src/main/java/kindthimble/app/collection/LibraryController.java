package kindthimble.app.collection;

import java.util.List;
import java.util.Map;
import kindthimble.app.desk.OrderView;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/library")
class LibraryController {
    private final LibraryService designs;

    LibraryController(LibraryService designs) {
        this.designs = designs;
    }

    /** A design of an order that is to be kept. */
    record Kept(long order, long design) {}

    /**
     * Where a design is wanted, and in which of that order's colours; a role without one brings its own colour along.
     */
    record Wanted(long order, int count, Map<String, String> colours) {}

    /** The design as it is on the tray now, and the order with it. */
    record Taken(long design, OrderView order) {}

    /** The shop's designs, newest first, cast in the colours of an order when one is named. */
    @GetMapping
    List<LibraryDesign> all(@RequestParam(required = false) Long order) {
        return designs.all(order);
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LibraryDesign keep(@RequestBody Kept kept) {
        return designs.keep(kept.order(), kept.design());
    }

    @PostMapping("/{design}/take")
    @ResponseStatus(HttpStatus.CREATED)
    Taken take(@PathVariable long design, @RequestBody Wanted wanted) {
        return designs.take(design, wanted);
    }

    @DeleteMapping("/{design}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long design) {
        designs.remove(design);
    }

    @PutMapping("/{design}/tags")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tag(@PathVariable long design, @RequestBody List<String> tags) {
        designs.tag(design, tags);
    }

    @PostMapping("/{design}/restore")
    LibraryDesign restore(@PathVariable long design) {
        return designs.restore(design);
    }
}
