package kindthimble.core.testing;

import java.lang.management.ManagementFactory;

/** Time that a thread has had a core: what else the machine does meanwhile is not in it. */
public final class OwnTime {
    private OwnTime() {}

    public static long nanos() {
        return ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
    }
}
