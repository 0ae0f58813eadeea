package kindthimble.app.device;

import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The scales that there are: the kitchen's own, and the one of the practice kitchen. */
@Component
public class Scales implements DisposableBean {
    private final LineScale own;
    private final LineScale practice;

    Scales(
            @Value("${kind-thimble.scale-port}") int ownPort,
            @Value("${kind-thimble.practice-scale-port}") int practicePort) {
        own = new LineScale(ownPort);
        practice = new LineScale(practicePort);
    }

    /** The scale of an order that is played, or of one that is not. */
    public Scale of(boolean isPlayed) {
        return isPlayed ? practice : own;
    }

    /** What the hands of the practice kitchen lay things on. */
    public ScalePan practicePan() {
        return practice;
    }

    @Override
    public void destroy() {
        own.close();
        practice.close();
    }
}
