package kindthimble.app.collection;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/cutters")
class ShopCutterController {
    private final ShopCutterService cutters;

    ShopCutterController(ShopCutterService cutters) {
        this.cutters = cutters;
    }

    @GetMapping
    List<ShopCutter> all() {
        return cutters.all();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    ShopCutter add(@RequestBody ShopCutter cutter) {
        return cutters.add(cutter);
    }

    @PutMapping("/{cutter}")
    ShopCutter set(@PathVariable("cutter") long id, @RequestBody ShopCutter cutter) {
        return cutters.set(id, cutter);
    }

    @DeleteMapping("/{cutter}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable("cutter") long id) {
        cutters.remove(id);
    }

    @PostMapping("/{cutter}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable("cutter") long id) {
        cutters.restore(id);
    }
}
