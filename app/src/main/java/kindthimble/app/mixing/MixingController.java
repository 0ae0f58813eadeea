package kindthimble.app.mixing;

import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/orders/{order}/mixing")
class MixingController {
    private final MixingService mixing;
    private final MixingChanges changes;

    MixingController(MixingService mixing, MixingChanges changes) {
        this.mixing = mixing;
        this.changes = changes;
    }

    @GetMapping
    MixingView mixing(@PathVariable long order) {
        return mixing.view(order);
    }

    /** Mixing starts: the plan is kept as it is. */
    @PostMapping("/start")
    MixingView start(@PathVariable long order) {
        return changes.start(order);
    }

    /** The frozen plan is given up. */
    @DeleteMapping("/start")
    MixingView restart(@PathVariable long order) {
        return changes.restart(order);
    }

    /** What is still to be mixed is kept as it is. */
    @PostMapping("/more")
    MixingView mixMore(@PathVariable long order) {
        return changes.mixMore(order);
    }

    /** The last of what was mixed more follows the orders again. */
    @DeleteMapping("/more")
    MixingView mixNoMore(@PathVariable long order) {
        return changes.mixNoMore(order);
    }

    /** Another order is mixed together with this one. */
    @PostMapping("/with/{other}")
    MixingView mixWith(@PathVariable long order, @PathVariable long other) {
        return changes.mixWith(order, other);
    }

    /** Another order is mixed alone again. */
    @DeleteMapping("/with/{other}")
    MixingView part(@PathVariable long order, @PathVariable long other) {
        return changes.part(order, other);
    }

    @PostMapping("/jars/{jar}")
    MixingView takeJar(@PathVariable long order, @PathVariable long jar) {
        return changes.takeJar(order, jar, true);
    }

    @DeleteMapping("/jars/{jar}")
    MixingView leaveJar(@PathVariable long order, @PathVariable long jar) {
        return changes.takeJar(order, jar, false);
    }
}
