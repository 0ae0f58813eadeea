package kindthimble.core.drawing;

import java.util.List;
import kindthimble.core.geometry.Hundredths;

/** Lines of points as SVG path data in mm. */
final class LinePath {
    private LinePath() {}

    static String of(List<double[][]> lines) {
        StringBuilder path = new StringBuilder();
        for (double[][] line : lines) {
            boolean isRound =
                    line.length > 3 && line[0][0] == line[line.length - 1][0] && line[0][1] == line[line.length - 1][1];
            for (int i = 0; i < line.length - (isRound ? 1 : 0); i++) {
                Hundredths.append(path.append(i == 0 ? 'M' : 'L'), line[i][0]).append(' ');
                Hundredths.append(path, line[i][1]);
            }
            if (isRound) {
                path.append('Z');
            }
        }
        return path.toString();
    }

    static double length(List<double[][]> lines) {
        double sum = 0;
        for (double[][] line : lines) {
            for (int i = 1; i < line.length; i++) {
                sum += Math.hypot(line[i][0] - line[i - 1][0], line[i][1] - line[i - 1][1]);
            }
        }
        return sum;
    }
}
