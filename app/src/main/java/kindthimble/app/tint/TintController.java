package kindthimble.app.tint;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/tint")
class TintController {
    private final TintService tints;

    TintController(TintService tints) {
        this.tints = tints;
    }

    @PostMapping("/solve")
    TintService.Solved solve(@RequestBody TintService.TintWanted wanted) {
        return tints.solve(wanted);
    }

    @GetMapping("/reach")
    List<TintService.ReachPlace> reach() {
        return tints.reach();
    }
}
