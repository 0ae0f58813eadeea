package kindthimble.app.shelf;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/shelf")
class ShelfController {
    private final ShelfService shelf;

    ShelfController(ShelfService shelf) {
        this.shelf = shelf;
    }

    @GetMapping
    ShelfService.ShelfView shelf() {
        return shelf.view();
    }

    @PostMapping("/jars")
    @ResponseStatus(HttpStatus.CREATED)
    ShelfService.ShelfView addJar(@RequestBody ShelfService.Jar jar) {
        shelf.addJar(jar);
        return shelf.view();
    }

    @DeleteMapping("/jars/{jar}")
    ShelfService.ShelfView removeJar(@PathVariable long jar) {
        shelf.remove(jar, true);
        return shelf.view();
    }

    @PostMapping("/jars/{jar}/restore")
    ShelfService.ShelfView restoreJar(@PathVariable long jar) {
        shelf.remove(jar, false);
        return shelf.view();
    }
}
