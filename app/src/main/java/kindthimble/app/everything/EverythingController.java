package kindthimble.app.everything;

import io.swagger.v3.oas.annotations.Hidden;
import java.time.Clock;
import java.time.LocalDate;
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
        return everything.look(Archive.unzipped(archive));
    }

    @PostMapping(path = "/take", consumes = ZIP)
    Report take(@RequestBody byte[] archive, @RequestParam(defaultValue = "KEEP_HERE") String clashes) {
        Everything.Clashes wanted;
        try {
            wanted = Everything.Clashes.valueOf(clashes);
        } catch (IllegalArgumentException e) {
            throw new Refused("clashes", "Say which stays where both have another one: here, there, or both.");
        }
        return everything.take(Archive.unzipped(archive), wanted);
    }
}
