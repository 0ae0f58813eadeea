package kindthimble.app.everything;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import kindthimble.core.words.Refused;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All that the shop has, out and in. */
@RestController
@RequestMapping("/api/everything")
@Hidden // archives, not JSON
class EverythingController {
    private static final String ZIP = "application/zip";

    private final Everything everything;
    private final Clock clock;

    /** Archives are unpacked one after the other: several at once would not fit beside each other. */
    private final Semaphore one = new Semaphore(1, true);

    EverythingController(Everything everything, Clock clock) {
        this.everything = everything;
        this.clock = clock;
    }

    @GetMapping(produces = ZIP)
    ResponseEntity<byte[]> out() {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("kind-thimble-" + LocalDate.now(clock) + ".zip")
                                .build()
                                .toString())
                .body(Archive.zipped(everything.written()));
    }

    /** What an archive would bring; nothing is stored. */
    @PostMapping(path = "/look", consumes = ZIP)
    Report look(@RequestBody byte[] archive) {
        return oneAtATime(() -> everything.look(Archive.unzipped(archive)));
    }

    @PostMapping(path = "/take", consumes = ZIP)
    Report take(@RequestBody byte[] archive, @RequestParam(defaultValue = "KEEP_HERE") String clashes) {
        Everything.Clashes wanted;
        try {
            wanted = Everything.Clashes.valueOf(clashes);
        } catch (IllegalArgumentException e) {
            throw new Refused("clashes", "Say which stays where both have another one: here, there, or both.");
        }
        return oneAtATime(() -> everything.take(Archive.unzipped(archive), wanted));
    }

    private Report oneAtATime(Supplier<Report> work) {
        one.acquireUninterruptibly();
        try {
            return work.get();
        } finally {
            one.release();
        }
    }
}
