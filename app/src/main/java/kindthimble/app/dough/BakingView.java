package kindthimble.app.dough;

import java.util.List;
import kindthimble.app.plan.DoughView;
import kindthimble.core.dough.Rolled;

/**
 * From the dough to the bare cookie.
 *
 * @param dough what goes into it
 * @param rolled cutters on the sheets that are rolled out first
 * @param designs what is cut and baked
 */
record BakingView(DoughView dough, Rolled rolled, List<Baked> designs) {

    /**
     * @param design its number
     * @param top index of the move that sets it on a larger cookie; -1 for what lies on none
     * @param name of the design
     * @param path outline of its cutter in mm, about the middle of its box
     * @param iced how many are iced, spares with them
     * @param bare how many are baked beside them
     * @param gramsEach raw
     * @param onTray how many lie on a baking tray
     * @param loads of the oven
     * @param minutes that a load bakes
     */
    record Baked(
            long design,
            int top,
            String name,
            String path,
            int iced,
            int bare,
            double gramsEach,
            int onTray,
            int loads,
            double minutes) {}
}
